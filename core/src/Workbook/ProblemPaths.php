<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** The places of some problems, to ask whether one stands at a path or below it. */
final readonly class ProblemPaths
{
    /** @var array<string, true> */
    private array $at;

    /** @var array<string, true> the paths and all that leads to them */
    private array $above;

    /** @param list<Problem> $problems */
    public function __construct(array $problems)
    {
        $at = [];
        $above = [];
        foreach ($problems as $problem) {
            $at[$problem->path] = true;
            for ($path = $problem->path; $path !== ''; $path = substr($path, 0, (int) strrpos($path, '/'))) {
                $above[$path] = true;
            }
        }
        $this->at = $at;
        $this->above = $above;
    }

    public function isAt(string $path): bool
    {
        return isset($this->at[$path]);
    }

    public function isAtOrBelow(string $path): bool
    {
        return isset($this->above[$path]);
    }
}
