<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

/** What a card tells to do; the sentences stand in data/instructions.csv, where a practitioner can correct them. */
enum InstructionCode: string
{
    case IdentifyPrint = 'identify.print';
    case IdentifyWire = 'identify.wire';
    case IdentifyCaliper = 'identify.caliper';
    case IdentifyStays = 'identify.stays';
    case IdentifySprings = 'identify.springs';
    case IdentifyUnlisted = 'identify.unlisted';
    case CutSquare = 'cut.square';
    case CutBites = 'cut.bites';
    case SheathLength = 'sheath.length';
    case SheathPulls = 'sheath.pulls';
    case SheathCold = 'sheath.cold';
    case SheathScore = 'sheath.score';
    case SheathEarth = 'sheath.earth';
    case SheathCores = 'sheath.cores';
    case StripPosition = 'strip.position';
    case StripStop = 'strip.stop';
    case StripMeasure = 'strip.measure';
    case StripOffer = 'strip.offer';
    case StripKnife = 'strip.knife';
    case StripScore = 'strip.score';
    case StripMidSpan = 'strip.mid-span';
    case StripDamage = 'strip.damage';
    case StripSolid = 'strip.solid';
    case PrepareSleeve = 'prepare.sleeve';
    case PrepareNoStock = 'prepare.no-stock';
    case PrepareUnstripped = 'prepare.unstripped';
    case PrepareSolid = 'prepare.solid';
    case PrepareTwist = 'prepare.twist';
    case PrepareReLaid = 'prepare.re-laid';
    case PrepareTin = 'prepare.tin';
    case PrepareRolled = 'prepare.rolled';
    case PrepareFerrule = 'prepare.ferrule';
    case PrepareClosed = 'prepare.closed';
    case PrepareClamp = 'prepare.clamp';
    case PreparePushIn = 'prepare.push-in';
    case PrepareTwistOn = 'prepare.twist-on';
    case PrepareBarrel = 'prepare.barrel';
    case CrimpNest = 'crimp.nest';
    case CrimpInsulated = 'crimp.insulated';
    case CrimpHeatShrink = 'crimp.heat-shrink';
    case CrimpBare = 'crimp.bare';
    case CrimpRolled = 'crimp.rolled';
    case CrimpRolledSingle = 'crimp.rolled-single';
    case CrimpSealed = 'crimp.sealed';
    case CrimpSolidContact = 'crimp.solid-contact';
    case CrimpFerrule = 'crimp.ferrule';
    case CrimpLug = 'crimp.lug';
    case CrimpTap = 'crimp.tap';
    case CrimpRibbon = 'crimp.ribbon';
    case CrimpRound = 'crimp.round';
    case StrokeFullCycle = 'stroke.full-cycle';
    case StrokeFree = 'stroke.free';
    case StrokeHydraulic = 'stroke.hydraulic';
    case StrokeScrew = 'stroke.screw';
    case StrokeImpact = 'stroke.impact';
    case SolderHeat = 'solder.heat';
    case SolderCup = 'solder.cup';
    case SleeveCover = 'sleeve.cover';
    case SleeveOwn = 'sleeve.own';
    case SleeveGun = 'sleeve.gun';
    case SleeveFlame = 'sleeve.flame';
    case SleeveTape = 'sleeve.tape';
    case HousingLatch = 'housing.latch';
    case HousingOut = 'housing.out';
    case LookOver = 'look.over';
    case TugHand = 'tug.hand';
    case TugMinimum = 'tug.minimum';
    case TugSample = 'tug.sample';
    case TugNoFigure = 'tug.no-figure';
    case PullTo = 'pull-test.to';
    case ShearThread = 'shear.thread';
    case TorqueTo = 'torque.to';
    case TorqueNoFigure = 'torque.no-figure';
    case TorqueStud = 'torque.stud';
    case CleanUp = 'clean-up';
    case Hole = 'hole';
}
