export {
  exposure,
  EXPOSURE_LIMITS,
  type BandSeries,
  type Exposure,
  type ExposureCell,
  type ExposureInput,
  type FishingLine,
} from './exposure';
