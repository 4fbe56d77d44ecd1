<?php

declare(strict_types=1);

namespace App\Writing;

/** Which version of a thing somebody has seen: equal for equal content, so that nothing has to be counted. */
final class Version
{
    /** Hexadecimal figures. */
    private const FIGURES = 16;

    /** @param \stdClass $thing as the codec writes it; the lines of a scope have versions of their own */
    public static function of(\stdClass $thing): string
    {
        return substr(hash('sha256', json_encode((object) array_diff_key(get_object_vars($thing), ['lines' => true]), JSON_THROW_ON_ERROR)), 0, self::FIGURES);
    }

    /** @return array<string, mixed> the thing, and which version of it this is */
    public static function with(\stdClass $thing): array
    {
        return [...get_object_vars($thing), 'version' => self::of($thing)];
    }
}
