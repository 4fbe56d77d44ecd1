<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

/**
 * Fills the sentences of data/reasons.csv and data/wanted.csv.
 *
 * {name} is a value as it is; {name:mm} a length, {name:C} a temperature, {name:N} a force, {name:N/lbf} one in both units, {name:Nm} a torque, {name:mm2} an
 * area, {name:%} a share; {name:*wire} counts wires; {name:q} stands in quotation marks; {name:profile} takes the word from
 * that list of data/words.csv, {name:a profile} with its article. What stands in [ ] is left out where one of its values is
 * missing, and what stands in [!name: ] where that value is there.
 */
final readonly class Template
{
    public function __construct(private Units $units) {}

    /** @param array<string, string|int|float|list<string>> $numbers */
    public function fill(string $text, array $numbers): string
    {
        $filled = '';
        foreach (self::parts($text) as [$isOptional, $unless, $pieces]) {
            $part = '';
            foreach ($pieces as [$words, $name, $format]) {
                if ($name !== null && !isset($numbers[$name])) {
                    if (!$isOptional) {
                        throw new \LogicException('"' . $text . '" wants ' . $name);
                    }
                    continue 2;
                }
                $part .= $words . ($name === null ? '' : $this->say($numbers[$name], $format));
            }
            $filled .= $unless !== '' && isset($numbers[$unless]) ? '' : $part;
        }

        return $filled;
    }

    /**
     * A text taken apart once: what stands in brackets and what does not, each as words followed by a slot.
     *
     * @return list<array{bool, string, list<array{string, string|null, string}>}>
     */
    private static function parts(string $text): array
    {
        /** @var array<string, list<array{bool, string, list<array{string, string|null, string}>}>> $parsed */
        static $parsed = [];
        if (!isset($parsed[$text])) {
            $parts = [];
            preg_match_all('~\[(?:!(\w+):)?([^\[\]]*)\]|([^\[\]]+)~u', $text, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
            foreach ($found as [, $unless, $optional, $fixed]) {
                $pieces = [];
                preg_match_all('~([^{}]*)(?:\{(\w+)(?::([^}]+))?\})?~u', $optional ?? (string) $fixed, $slots, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
                foreach ($slots as [, $words, $name, $format]) {
                    $pieces[] = [(string) $words, $name, (string) $format];
                }
                $parts[] = [$optional !== null, (string) $unless, $pieces];
            }
            $parsed[$text] = $parts;
        }

        return $parsed[$text];
    }

    /** @param string|int|float|list<string> $value */
    private function say(string|int|float|array $value, string $format): string
    {
        if (is_string($value) && $format !== 'q' && !str_starts_with($format, 'a ')) {
            return $format === '' ? $value : Words::for($format, $value);
        }
        if ($format === 'q' || is_array($value) || is_string($value)) {
            return $this->name(is_array($value) ? $value : [(string) $value], $format);
        }

        return match (true) {
            $format === 'mm' => $this->units->length->say((float) $value),
            $format === '%' => LengthUnit::plain(100 * $value, 0) . ' %',
            $format === 'C' => LengthUnit::plain((float) $value, 1) . ' °C',
            $format === 'N' => $this->units->force->say((float) $value),
            $format === 'N/lbf' => $this->units->force->sayBoth((float) $value),
            $format === 'Nm' => LengthUnit::plain((float) $value, 2) . ' N·m',
            $format === 'mm2' => LengthUnit::plain((float) $value, 2) . ' mm²',
            str_starts_with($format, '*') => Words::counted((int) $value, substr($format, 1)),
            default => LengthUnit::plain((float) $value, 2),
        };
    }

    /** @param list<string> $names */
    private function name(array $names, string $format): string
    {
        if ($format === '') {
            return implode(', ', $names);
        }
        if ($format === 'q') {
            return implode(', ', array_map(static fn(string $name): string => '“' . $name . '”', $names));
        }
        $hasArticle = str_starts_with($format, 'a ');
        $words = array_map(static fn(string $name): string => Words::for($hasArticle ? substr($format, 2) : $format, $name), $names);

        return $hasArticle ? Words::withArticle(Words::either($words)) : Words::either($words);
    }
}
