<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** What an entry leaves open. */
final readonly class Question
{
    /**
     * @param list<string>                                 $candidates ids, in the order of what is known
     * @param array<string, string|int|float|list<string>> $numbers    for its sentence, named as in data/questions.csv
     * @param list<string>                                 $readings   what may stand in its place, written so that nothing is open
     */
    public function __construct(
        public string $about,
        public int $from,
        public int $to,
        public QuestionCode $code,
        public array $candidates = [],
        public array $numbers = [],
        public array $readings = [],
    ) {}

    /** Whether the line cannot be written down before it is answered. */
    public function isAboutTheEnds(): bool
    {
        return in_array($this->about, ['wire', 'terminal', 'wireB'], true);
    }
}
