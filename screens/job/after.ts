/** The stages after a pump was measured are loaded together, with what plans all of them. */
export { BuildStage } from '../build/BuildStage';
export { DecideStage } from '../decide/DecideStage';
export { ProveStage } from '../prove/ProveStage';
export { ReportStage } from '../report/ReportStage';
export { WhyPage } from '../why/WhyPage';
export { OrdersScreen } from '../shop/OrdersScreen';
export { SparesScreen } from '../shop/SparesScreen';
export { BarAtDemand } from '../decide/flow/BarAtDemand';
export { FlowPage } from '../decide/flow/FlowPage';

/** What sums ask of a job stands with what its flow is worked out by. */
export { factsIn } from '@/core/sums/job/known';

/** How far a build is stands on the strip of stages, and is worked out with the build. */
export { buildStanding } from '@/core/assembly/open';

/** The usual build of a pump is offered on its sheet. */
export { assemblyOf } from '@/core/pumps/assemblies';
export { watchLinesOf } from '@/core/pumps/assembly/handover';
export { AtBench, ComebacksScreen, JobHistory, SheetHistoryScreen } from '../history/room';
export { HereBefore } from '../tag/HereBefore';
