<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\RuleChoice;

/** Reads and writes house rules by themselves, by the same schema and codec as a workbook. */
final readonly class RulesCodec
{
    private const AT = 'houseRules';

    public function __construct(private WorkbookCodec $codec = new WorkbookCodec(), private ObjectCodec $objects = new ObjectCodec()) {}

    /**
     * @param \stdClass $rules a preset, and keys that differ from it
     *
     * @throws InvalidWorkbook with every problem, its path below the rules
     */
    public function read(\stdClass $rules): RuleChoice
    {
        try {
            return $this->codec->read(json_encode(['gondrik' => 1, self::AT => $rules], JSON_THROW_ON_ERROR))->houseRules ?? new RuleChoice();
        } catch (\JsonException) {
            throw new InvalidWorkbook([new Problem('', null, 'must be text in UTF-8')]);
        } catch (InvalidWorkbook $refused) {
            throw $refused->seenFrom(static fn(string $path): string => (string) preg_replace('~^' . self::AT . '/?~', '', $path));
        }
    }

    /** What was said, and no more. */
    public function write(RuleChoice $rules): \stdClass
    {
        return $this->objects->write($rules);
    }

    /** @return array<string, mixed> every rule in force by its key, as a workbook would write it */
    public function inForce(HouseRules $rules): array
    {
        return array_diff_key(get_object_vars($this->objects->write(new RuleChoice(null, ...$rules->keys()), whole: true)), ['preset' => null]);
    }
}
