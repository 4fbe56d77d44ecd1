<?php

declare(strict_types=1);

namespace App\History;

/** What somebody did to the shop. */
enum Event: string
{
    case Added = 'added';
    case Changed = 'changed';
    case Removed = 'removed';
    case Moved = 'moved';
    case Copied = 'copied';
    case Merged = 'merged';
    /** Several things at once: a range pasted, cells filled down, rows of a table taken. */
    case Edited = 'edited';
    case Imported = 'imported';
    /** An earlier change taken back; taking that back again does it once more. */
    case Undone = 'undone';
}
