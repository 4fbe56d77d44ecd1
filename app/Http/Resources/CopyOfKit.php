<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\PatternGap;

/** A kit that is a copy of another, with what it has otherwise. */
final readonly class CopyOfKit
{
    /**
     * @param array{Kit, list<PatternGap>} $copy
     *
     * @return array<string, mixed>
     */
    public static function of(array $copy): array
    {
        [$kit, $gaps] = $copy;

        return [
            'id' => $kit->id,
            'name' => $kit->name,
            'gaps' => array_map(static fn(PatternGap $gap): array => ['tool' => $gap->tool->id, 'name' => $gap->tool->name, 'wanted' => $gap->wanted, 'has' => $gap->has], $gaps),
        ];
    }
}
