export { BendStage } from './bend/BendStage.tsx';
export { BriefStage } from './brief/BriefStage.tsx';
export { BuildStage } from './build/BuildStage.tsx';
export { TubeStage } from './build/TubeStage.tsx';
export { CopeStage } from './cope/CopeStage.tsx';
export { DesignStage } from './design/DesignStage.tsx';
export { InspectStage } from './inspect/InspectStage.tsx';
export { SurveyStage } from './survey/SurveyStage.tsx';
