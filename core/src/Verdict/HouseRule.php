<?php

declare(strict_types=1);

namespace Gondrik\Core\Verdict;

/** The house rules by name, as a workbook writes them and as a verdict cites them. */
enum HouseRule: string
{
    case MakeshiftCounts = 'makeshiftCounts';
    case TrainedHands = 'trainedHands';
    case OpenFlame = 'openFlame';
    case FullCycleFor = 'fullCycleFor';
    case IndentOnInsulated = 'indentOnInsulated';
    case HammerLugs = 'hammerLugs';
    case Taps = 'taps';
    case Tinning = 'tinning';
    case SolderSplices = 'solderSplices';
    case InsulationGrip = 'insulationGrip';
    case WetNeedsSleeve = 'wetNeedsSleeve';
    case PullTest = 'pullTest';
    case ListedWire = 'listedWire';
    case Insulations = 'insulations';
    case SolderOnCrimp = 'solderOnCrimp';
    case PullStandard = 'pullStandard';
    case PoweredFinalTorque = 'poweredFinalTorque';
    case TorqueEvery = 'torqueEvery';
    case StrandDamage = 'strandDamage';
    case RedBand = 'redBand';
    case BackupFor = 'backupFor';
    case Carry = 'carry';
    case DuesThatCount = 'duesThatCount';
    case Findings = 'findings';
    case SamplePlan = 'samplePlan';
    case PracticePieces = 'practicePieces';
    case SignOffFor = 'signOffFor';
    case Scrap = 'scrap';
}
