<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** Of a value whose constructor's parameters are its members: the same but for some of them, named, so that nobody counts places. */
trait Changed
{
    /** @param mixed ...$members by name */
    private function but(mixed ...$members): static
    {
        static $names = [];
        $names[static::class] ??= array_map(
            static fn(\ReflectionParameter $parameter): string => $parameter->getName(),
            (new \ReflectionMethod(static::class, '__construct'))->getParameters(),
        );
        $all = [];
        foreach ($names[static::class] as $name) {
            $all[$name] = array_key_exists($name, $members) ? $members[$name] : $this->{$name};
        }

        return new static(...$all, ...array_diff_key($members, $all));
    }
}
