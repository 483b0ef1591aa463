// Plate three: inside the forge, one fire, one cold window.
#include "row.inc"
global_settings { assumed_gamma 1 max_trace_level 6
  radiosity { pretrace_start 0.08 pretrace_end 0.01 count 140 nearest_count 8 error_bound 0.6 recursion_limit 2 gray_threshold 0 brightness 1.1 } }
#declare Eye = <0.3,1.5,-3.4>; #declare Aim = <0.05,1.15,2>;
camera { location Eye look_at Aim angle 64 right x*1.6 }
background { rgb <0.25,0.34,0.46> }
plane { y, 0 texture { pigment { checker pigment { granite color_map { [0 rgb <0.20,0.17,0.15>] [1 rgb <0.32,0.27,0.23>] } } pigment { granite color_map { [0 rgb <0.15,0.14,0.13>] [1 rgb <0.26,0.22,0.19>] } } scale 0.6 } normal { granite 0.12 } finish { ambient 0 diffuse 0.8 specular 0.12 roughness 0.05 reflection { 0,0.12 fresnel on } conserve_energy } } interior { ior 1.4 } }
difference {
  box { <-4.2,-0.1,-5>, <4.2,3.9,4.2> }
  box { <-4,-0.2,-4.8>, <4,3.7,4> }
  box { <-5,1.2,0.4>, <-3.5,2.7,2.0> }
  Masonry(<0.36,0.25,0.20>, <0.48,0.33,0.25>, <0.34,0.31,0.28>)
}
#for (I, 0, 4) box { <-4,3.35,-3.6+1.7*I>, <4,3.65,-3.38+1.7*I> texture { Timber } } #end
#declare ColdPane = texture { pigment { rgb <0.7,0.82,1> } finish { ambient 0 diffuse 0 emission 0.95 } }
object { Window(1.6,1.5, ColdPane) rotate y*90 translate <-3.96,1.2,1.2> }
light_source { <-3.7,2.0,1.2> color rgb <0.42,0.60,0.95>*1.5 area_light y*1.3,z*1.4,5,5 adaptive 1 jitter fade_distance 2.6 fade_power 2 }
// hearth with hood
difference { box { <1.1,0,2.2>, <3.4,0.95,3.9> } box { <1.35,0.7,2.45>, <3.15,1.2,3.7> } Masonry(<0.30,0.24,0.22>, <0.40,0.31,0.27>, <0.26,0.24,0.22>) }
prism { conic_sweep linear_spline 0.45,1,5, <-1.2,-0.9>,<1.2,-0.9>,<1.2,0.9>,<-1.2,0.9>,<-1.2,-0.9> rotate x*180 scale <1,2.2,1> translate <2.25,4.0,3.05> texture { OldCopper } }
#for (I, 0, 90)
  sphere { <Vary(1.45,3.05), 0.74+Vary(0,0.12), Vary(2.5,3.6)>, Vary(0.05,0.12)
    texture { pigment { rgb <0.08,0.05,0.04> } finish { ambient 0 diffuse 0.5 emission <1.5,0.42,0.08>*Vary(0.1,1.1) } normal { granite 0.6 } } }
#end
light_source { <2.25,1.25,2.75> color rgb <1,0.42,0.13>*5.2 area_light x*1.2,z*0.8,5,5 adaptive 1 jitter fade_distance 1.2 fade_power 2 }
// anvil on its block
cylinder { <0.1,0,1.2>, <0.1,0.62,1.2>, 0.36 texture { Timber } }
union { box { <-0.38,0.14,-0.13>,<0.34,0.26,0.13> } box { <-0.16,0,-0.10>,<0.16,0.16,0.10> } box { <-0.26,0,-0.15>,<0.26,0.05,0.15> } cone { <-0.36,0.2,0>,0.10,<-0.78,0.235,0>,0.015 } translate <0.1,0.62,1.2> texture { Iron } }
cylinder { <-0.1,0.91,1.12>, <0.42,0.93,1.22>, 0.022 texture { pigment { rgb <0.2,0.08,0.05> } finish { ambient 0 diffuse 0.4 emission <1.4,0.40,0.07> } } }
// benches with finished work
object { Bench(2.4,0.85,0.8) rotate y*8 translate <-2.2,0,2.6> }
object { Kettle texture { Copper } rotate y*40 translate <-2.9,0.85,2.5> }
object { Bowl texture { Brass } translate <-2.05,0.85,2.5> }
object { Jug texture { Copper } rotate y*160 translate <-1.4,0.85,2.7> }
object { Jug scale 0.75 Glaze(<0.12,0.34,0.40>) translate <-1.75,0.85,2.2> }
object { Kettle scale 1.25 texture { OldCopper } translate <-1.6,0,0.6> }
object { Kettle scale 0.8 texture { Copper } rotate y*70 translate <-0.85,0,0.1> }
object { Crate(0.9,0.55,0.6) rotate y*-20 translate <-2.9,0,0.2> }
object { Bowl scale 0.8 texture { Copper } rotate x*-30 translate <-2.9,0.62,0.2> }
sphere { <1.0,0.22,0.1>, 0.22 texture { Brass } }
object { Crate(0.8,0.45,0.6) rotate y*30 translate <2.1,0,0.3> }
box { <-0.2,0,-0.14>,<0.2,0.09,0.14> Cloth(<0.16,0.24,0.40>) rotate y*12 translate <2.1,0.45,0.3> }
box { <-0.35,0,-0.01>,<0.35,0.9,0.01> Cloth(<0.36,0.25,0.16>) translate <0.9,1.4,3.95> }
#for (I, 0, 4) object { Pan scale 0.85 texture { #if (mod(I,2)=0) Copper #else Brass #end } rotate x*90 rotate z*-90 translate <-2.9+0.62*I,2.15,3.9> } #end
cylinder { <-3.2,2.62,3.95>,<0.2,2.62,3.95>,0.018 texture { Iron } }
object { Lamp(1.4, <1,0.72,0.42>, 0.5) translate <-2.3,2.6,1.9> }
Film(Eye, Aim, 0.15)
