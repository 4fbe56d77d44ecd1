<?php

declare(strict_types=1);

namespace App\Http\Problems;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Validation\ValidationException;

/** What a refusal says: one sentence, and the places and values where there are some. */
final readonly class ProblemDetails
{
    /** @param list<array{path: string, value: mixed, expected: string}> $problems */
    public function __construct(
        public int $status,
        private string $title,
        private string $detail,
        private array $problems = [],
        private ProblemType $type = ProblemType::Plain,
        /** @var array<string, mixed> members of the type: what is there now, who changed it, where it is used */
        private array $more = [],
    ) {}

    public static function ofWorkbook(InvalidWorkbook $error): self
    {
        $told = static fn(Problem $problem): array => ['path' => $problem->path, 'value' => $problem->value, 'expected' => $problem->expected];

        return new self(422, 'The workbook has problems', 'Nothing was changed.', array_map($told, $error->problems));
    }

    public static function ofFields(ValidationException $error): self
    {
        $problems = [];
        foreach ($error->errors() as $field => $messages) {
            foreach ($messages as $message) {
                $problems[] = ['path' => (string) $field, 'value' => null, 'expected' => $message];
            }
        }

        return new self(422, 'Something in the request is not right', 'Nothing was changed.', $problems);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['type' => $this->type->value, 'title' => $this->title, 'status' => $this->status, 'detail' => $this->detail, ...$this->problems === [] ? [] : ['problems' => $this->problems], ...$this->more];
    }
}
