<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** What has to be done to a tool again and again. */
enum DueKind: string
{
    case Calibration = 'calibration';
    case Verification = 'verification';
    case Inspection = 'inspection';
    case Oil = 'oil';
    case Blade = 'blade';
    case Die = 'die';
    case Battery = 'battery';
}
