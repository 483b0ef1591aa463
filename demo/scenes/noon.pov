// Plate two: Coppersmiths' Row at noon, dry stones and hard sun.
#include "row.inc"
#include "street.inc"
global_settings { assumed_gamma 1 max_trace_level 6
  radiosity { pretrace_start 0.08 pretrace_end 0.01 count 120 nearest_count 8 error_bound 0.7 recursion_limit 2 gray_threshold 0 brightness 1 } }
#declare Eye = <-0.5,1.62,-0.4>; #declare Aim = <0.35,1.62,9>;
camera { location Eye look_at Aim angle 60 right x*1.6 }
sky_sphere { pigment { gradient y color_map { [0 rgb <0.72,0.78,0.82>*0.85] [0.25 rgb <0.36,0.55,0.80>*0.8] [0.8 rgb <0.14,0.32,0.66>*0.75] }
  } pigment { bozo turbulence 0.7 scale <0.5,0.14,0.5> color_map { [0.5 rgbt <1,1,1,1>] [0.75 rgbt <0.9,0.92,0.95,0.25>] } } }
light_source { <17,58,-16> color rgb <1,0.93,0.80>*1.75 area_light x*2,z*2,4,4 adaptive 1 jitter }
#declare Pane = texture { pigment { rgb <0.06,0.09,0.11> } finish { ambient 0 diffuse 0.4 specular 0.8 roughness 0.004 reflection { 0.15, 0.7 } } }
Street(0.12, Pane)
fog { fog_type 1 distance 110 color rgb <0.60,0.68,0.74> }
Film(Eye, Aim, 0.085)
