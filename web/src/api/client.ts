import createClient from 'openapi-fetch'
import { lock } from './locked'
import type { components, paths } from './generated/schema'

export type Allowance = components['schemas']['AllowanceView']
export type Card = components['schemas']['CardView']
export type CardRow = components['schemas']['CardRowView']
export type Sketch = components['schemas']['SketchView']
export type House = components['schemas']['HouseView']
export type Copy = components['schemas']['CopyView']
export type Restore = components['schemas']['RestoreView']
export type Figure = components['schemas']['FigureView']
export type Finding = components['schemas']['FindingView']
export type Fit = components['schemas']['FitView']
export type Form = components['schemas']['FormView']
export type Measure = components['schemas']['MeasureView']
export type Panel = components['schemas']['PanelView']
export type Piece = components['schemas']['PieceView']
export type Point = components['schemas']['PointView']
export type Proposal = components['schemas']['ProposalView']
export type Score = components['schemas']['ScoreView']
export type Shelf = components['schemas']['ShelfView']
export type OnShelf = components['schemas']['OnShelf']
export type Fitting = components['schemas']['Fitting']
export type CardChoice = components['schemas']['ChoiceView']
export type Size = components['schemas']['SizeView']
export type Layer = components['schemas']['LayerView']
export type Layers = components['schemas']['LayersView']
export type ChosenLayer = components['schemas']['ChosenLayer']
export type Cut = components['schemas']['CutView']
export type Cutting = components['schemas']['CuttingView']
export type CutCommand = components['schemas']['CutCommand']
export type PaperCut = components['schemas']['PaperCutView']
export type SheetStack = components['schemas']['StackView']
export type Laid = components['schemas']['LaidView']
export type CutStep = components['schemas']['CutStepView']
export type FaceOfPanel = components['schemas']['FaceView']
export type Paper = components['schemas']['PaperView']
export type LayerCommand = components['schemas']['LayerCommand']
export type Mark = components['schemas']['MarkView']
export type Moved = components['schemas']['MovedView']
export type DragCommand = components['schemas']['DragCommand']
export type OwnStock = components['schemas']['OwnStockView']
export type Reading = components['schemas']['ReadView']
export type Reruled = components['schemas']['ReruledView']
export type DrawCommand = components['schemas']['DrawCommand']
export type ExtraCommand = components['schemas']['ExtraCommand']
export type Die = components['schemas']['DieView']
export type DieFrame = components['schemas']['FrameView']
export type DieStack = components['schemas']['DieStackView']
export type DieOffer = components['schemas']['DieOfferView']
export type Offer = components['schemas']['OfferView']
export type Compared = components['schemas']['ComparedView']
export type Building = components['schemas']['BuildingView']
export type BuildStep = components['schemas']['BuildStepView']
/** A step, and the one that it shall come before; empty for the end. */
export type MovedStep = { step: string; before: string }
export type MadeFigure = components['schemas']['MadeFigureView']
export type Post = components['schemas']['PostView']
export type PostArea = components['schemas']['PostTableView']
export type TypedSpan = components['schemas']['TypedSpan']
export type EnvelopeOffer = components['schemas']['EnvelopeOffer']
export type PostWays = components['schemas']['WaysView']
export type PostService = components['schemas']['ServiceView']
export type Wraps = components['schemas']['WrapsView']
export type Worn = components['schemas']['WornView']
export type OfferedWrap = components['schemas']['OfferedWrap']
export type InWrapPicture = components['schemas']['InWrapView']
export type CameOut = components['schemas']['CameOutView']
export type BuildCommand = components['schemas']['BuildCommand']
export type BuildProgress = components['schemas']['ProgressView']
export type StepPicture = components['schemas']['StepPictureView']
export type Stock = components['schemas']['StockView']

/** A figure as it is read out. */
export const spoken = ({ words, text }: Figure) => words ?? text

export const api = createClient<paths>()

/** What could be done instead of what was refused: fields set one after the other. */
export type WayOut = { label: string; steps: { field: string; text: string }[] }

/** What the house answers when it can't do what was asked (RFC 9457), in words for the maker. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
    readonly kind?: string,
    readonly ways: WayOut[] = [],
  ) {
    super(message)
  }

  /** Whether what was asked for may well be done another time: the maker asked for nothing wrong. */
  get passes() {
    return this.status === 0 || this.status === 401 || this.status >= 500
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response }

/** The answer's content, or a {@link Problem}. */
export async function answered<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await asked
  } catch {
    throw new Problem('Vantbreeze does not answer. Is it still running? What was saved is safe.', 0)
  }
  if (!answer.response.ok) {
    const problem = (answer.error ?? {}) as { detail?: string; field?: string; type?: string; ways?: WayOut[] }
    if (answer.response.status === 401) lock()
    throw new Problem(problem.detail ?? FAILED, answer.response.status, problem.field, problem.type, problem.ways)
  }
  return answer.data as T
}

/** What is said when nobody knows better. */
export const FAILED = 'That did not work. Try again.'

/** What went wrong, in words for the maker. */
export const wordsOf = (cause: unknown) => (cause instanceof Problem ? cause.message : FAILED)
