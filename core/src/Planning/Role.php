<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** What a tool is to a kit. */
enum Role: string
{
    /** Without it a step becomes a hole. */
    case Essential = 'essential';
    /** Without it a step falls from covered to makeshift. */
    case Better = 'better';
    /** It does what others do too. */
    case Backup = 'backup';
    /** No step uses it. */
    case Idle = 'idle';
}
