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
    case Meter = 'meter';
    case VoltageTester = 'voltage-tester';
    case EyeProtection = 'eye-protection';
    case FirstAid = 'first-aid';
    case Other = 'other';
}
