<?php

declare(strict_types=1);

namespace App\Writing;

/** Somebody else has changed what was to be written, since it was read; nothing was written. The message is for the person. */
final class ChangedMeanwhile extends \RuntimeException {}
