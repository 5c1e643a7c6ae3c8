/** What a figure measures; the interface picks unit and digits by it, each by the habit of anglers. */
export type Measure =
  | 'mass'
  | 'bodyMass'
  | 'rodLength'
  | 'distance'
  | 'depth'
  | 'size'
  | 'diameter'
  | 'area'
  | 'volume'
  | 'force'
  | 'smallForce'
  | 'moment'
  | 'rigidity'
  /** of a boat, a lure in tow, wind or water */
  | 'speed'
  /** of what sinks or is let down */
  | 'fallSpeed'
  | 'acceleration'
  | 'time'
  | 'angle'
  | 'ratio'
  | 'share'
  | 'temperature'
  | 'salinity'
  | 'density'
  | 'stress';
