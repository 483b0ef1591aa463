// Plate one: Coppersmiths' Row at blue hour, lamps lit, stones wet.
#include "row.inc"
#include "street.inc"
global_settings { assumed_gamma 1 max_trace_level 6
  radiosity { pretrace_start 0.08 pretrace_end 0.01 count 120 nearest_count 8 error_bound 0.7 recursion_limit 2 gray_threshold 0 brightness 1 } }
#declare Eye = <0.15,1.55,-0.6>; #declare Aim = <-0.1,1.55,9>;
camera { location Eye look_at Aim angle 62 right x*1.6 }
sky_sphere { pigment { gradient y color_map { [0 rgb <0.30,0.26,0.40>*0.55] [0.18 rgb <0.13,0.17,0.40>*0.62] [0.6 rgb <0.05,0.08,0.24>*0.6] } } }
light_source { <-20,40,-10> color rgb <0.10,0.14,0.30>*0.5 area_light x*12,z*12,4,4 adaptive 1 jitter }
#declare Pane = texture { pigment { rgb <1,0.72,0.36> } finish { ambient 0 diffuse 0.2 emission 0.75 } }
Street(1, Pane)
object { Lamp(2.6, <1,0.66,0.34>, 1.35) translate <-2.0,2.42,4.7> }
object { Lamp(2.6, <1,0.70,0.38>, 1.1) translate <1.9,2.36,4.6> }
object { Lamp(2.4, <1,0.62,0.30>, 1.35) translate <-1.2,2.5,9.0> }
object { Lamp(2.4, <1,0.68,0.36>, 1.2) translate <1.3,2.7,12.5> }
object { Lamp(2.4, <1,0.74,0.44>, 1.1) translate <0,2.9,17> }
fog { fog_type 1 distance 60 color rgb <0.10,0.12,0.24>*0.6 }
Film(Eye, Aim, 0.16)
