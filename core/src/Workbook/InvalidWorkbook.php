<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** A document that is no workbook, with everything that is wrong with it. */
final class InvalidWorkbook extends \DomainException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(strval(...), $problems)));
    }
}
