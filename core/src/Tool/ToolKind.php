<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** What a tool is, by its main use. */
enum ToolKind: string
{
    case Cutter = 'cutter';
    case Stripper = 'stripper';
    case SheathStripper = 'sheath-stripper';
    case Crimper = 'crimper';
    case Press = 'press';
    case Die = 'die';
    case Heat = 'heat';
    case Solder = 'solder';
    case Torque = 'torque';
    case Extractor = 'extractor';
    case Puller = 'puller';
    case ScrewCutter = 'screw-cutter';
    case Wrench = 'wrench';
    case Pliers = 'pliers';
    case Vise = 'vise';
    case Magnifier = 'magnifier';
    case Light = 'light';
    case Marker = 'marker';
    case Drill = 'drill';
    case DuctCutter = 'duct-cutter';
    case TieTool = 'tie-tool';
    case Meter = 'meter';
    case TwoPoleTester = 'two-pole-tester';
    case ProximityTester = 'proximity-tester';
    case EyeProtection = 'eye-protection';
    case FirstAid = 'first-aid';
    case Other = 'other';
}
