<?php

declare(strict_types=1);

namespace Gondrik\Core\Verdict;

/** Why something fits or does not. Meaning and sentences stand in data/reasons.csv. */
enum ReasonCode: string
{
    case SizeInRange = 'size.in-range';
    case SizeAbove = 'size.above';
    case SizeBelow = 'size.below';
    case SizeTradeEquivalent = 'size.trade-equivalent';
    case SizeUnproven = 'size.unproven';
    case SizeProven = 'size.proven';
    case SizeProvenBeyondPrint = 'size.proven-beyond-print';
    case OdInRange = 'od.in-range';
    case OdAbove = 'od.above';
    case OdBelow = 'od.below';
    case OdUnknown = 'od.unknown';
    case InsulationProper = 'insulation.proper';
    case InsulationMakeshift = 'insulation.makeshift';
    case InsulationUnsupported = 'insulation.unsupported';
    case NotchLabel = 'notch.label';
    case NotchClose = 'notch.close';
    case NotchCutsStrands = 'notch.cuts-strands';
    case NotchRagged = 'notch.ragged';
    case NotchDoesNotSever = 'notch.does-not-sever';
    case NotchOdUnknown = 'notch.od-unknown';
    case KnifeSmall = 'knife.small';
    case BladeRinged = 'blade.ringed';
    case MidspanUnsupported = 'midspan.unsupported';
    case LengthStop = 'length.stop';
    case LengthByMeasure = 'length.by-measure';
    case SheathShape = 'sheath.shape';
    case SheathMaterial = 'sheath.material';
    case SheathSection = 'sheath.section';
    case SheathCold = 'sheath.cold';
    case SheathNoEarth = 'sheath.no-earth';
    case ProfileProper = 'profile.proper';
    case ProfileMakeshift = 'profile.makeshift';
    case ProfileUnsuitable = 'profile.unsuitable';
    case ClassExcluded = 'class.excluded';
    case NestCode = 'nest.code';
    case NestOutsidePrint = 'nest.outside-print';
    case NestSize = 'nest.size';
    case NestPartial = 'nest.partial';
    case NestNone = 'nest.none';
    case NestInsulation = 'nest.insulation';
    case NestNoSeal = 'nest.no-seal';
    case GripBoth = 'grip.both';
    case GripConductorOnly = 'grip.conductor-only';
    case ControlFullCycle = 'control.full-cycle';
    case ControlNotFullCycle = 'control.not-full-cycle';
    case ClampShape = 'clamp.shape';
    case GradeMakeshift = 'grade.makeshift';
    case SkillTrained = 'skill.trained';
    case SkillUntrained = 'skill.untrained';
    case ToolShared = 'tool.shared';
    case ConditionSeldom = 'condition.seldom';
    case RequiresMissing = 'requires.missing';
    case EnergyNoMains = 'energy.no-mains';
    case AccessTight = 'access.tight';
    case AccessOneHanded = 'access.one-handed';
    case PlaceStays = 'place.stays';
    case HandForce = 'hand.force';
    case HandSpan = 'hand.span';
    case HandNotSignedOff = 'hand.not-signed-off';
    case ShearThread = 'shear.thread';
    case RuleRefused = 'rule.refused';
    case HeatGun = 'heat.gun';
    case HeatFlame = 'heat.flame';
    case HeatLighter = 'heat.lighter';
    case HeatRefused = 'heat.refused';
    case TorqueRange = 'torque.range';
    case TorqueNoFigure = 'torque.no-figure';
    case TorqueNotFinal = 'torque.not-final';
    case ForceCapacity = 'force.capacity';
    case ForceNoFigure = 'force.no-figure';
    case CutBites = 'cut.bites';
    case CutNoMulti = 'cut.no-multi';
    case SolderTemperature = 'solder.temperature';
    case ExtractCode = 'extract.code';
    case TerminalTradeEquivalent = 'terminal.trade-equivalent';
    case TerminalWireAbove = 'terminal.wire-above';
    case TerminalWireBelow = 'terminal.wire-below';
    case TerminalCount = 'terminal.count';
    case TerminalConstruction = 'terminal.construction';
    case TerminalInsulationThick = 'terminal.insulation-thick';
    case TerminalInsulationThin = 'terminal.insulation-thin';
    case TerminalSeal = 'terminal.seal';
    case TerminalConductor = 'terminal.conductor';
    case TerminalPlace = 'terminal.place';
    case StudMismatch = 'stud.mismatch';
    case ClampFineStrands = 'clamp.fine-strands';
    case PrepTwisted = 'prep.twisted';
    case PrepRelaid = 'prep.re-laid';
    case TinnedRefused = 'tinned.refused';
    case TemperatureTooCold = 'temperature.too-cold';
    case WetUnsealed = 'wet.unsealed';
    case WetUnlined = 'wet.unlined';
    case SleeveTape = 'sleeve.tape';
    case WireUnlisted = 'wire.unlisted';
    case InsulationRefused = 'insulation.refused';
    case TerminalGrade = 'terminal.grade';
    case TapRefused = 'tap.refused';
    case SolderRefused = 'solder.refused';
    case SolderOnCrimp = 'solder.on-crimp';

    /** A pass that wants a second look: among equally fit tools the one with the fewest remarks is taken. */
    public function isRemark(): bool
    {
        return $this === self::SizeTradeEquivalent || $this === self::NestOutsidePrint || $this === self::LengthByMeasure || $this === self::ToolShared;
    }
}
