<?php

declare(strict_types=1);

namespace App\People;

use App\Models\ListRow;
use App\Models\LogEntry;
use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Log\What;
use Gondrik\Core\Output\SkillWriter;
use Gondrik\Core\Skill\Absence;
use Gondrik\Core\Skill\SkillNeeds;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** What the people of a shop can do, and what its work asks for. */
final readonly class SkillMatrix
{
    /** A year and a day: who plans farther asks again. */
    private const MOST_DAYS = 366;

    public function __construct(private ShopWorkbook $shops) {}

    /**
     * @param string|null $reader of whom alone it is told, and of nobody else; null for all
     *
     * @return array<string, mixed> person by person, and skill by skill what the scopes ask for
     */
    public function on(Shop $shop, Day $day, ?string $reader): array
    {
        $workbook = $this->shops->read($shop, Needs::of(scopes: null)->withSkills());
        $skills = $workbook->skills($day);
        $writer = new SkillWriter();
        $hands = array_column($workbook->register->people, null, 'id');
        $people = array_map(static fn(array $of): array => [
            ...$writer->person($hands[$of['person']]),
            'skills' => $of['skills'],
        ], $writer->people($skills));
        $needed = $writer->neededBy(SkillNeeds::byScope($workbook->scopes, $workbook->rulesFor(...)), $workbook->scopes, $skills);

        return [
            'on' => $day->plain(),
            'pieces' => $workbook->rules()->practicePieces,
            'people' => array_values(array_filter($people, static fn(array $of): bool => $reader === null || $of['id'] === $reader)),
            'needed' => $reader === null ? $needed : array_map(static fn(array $of): array => [...$of, 'holders' => []], $needed),
            'wanted' => SignOffs::of($workbook, $day, $reader),
            'names' => $writer->names(),
        ];
    }

    /**
     * One person with all that was told and practised, the newest first, with what was voided of it.
     *
     * @return array<string, mixed>
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such person
     */
    public function record(Shop $shop, string $id, Day $day): array
    {
        $row = $shop->listed('people')->where('code', $id)->firstOrFail();
        $workbook = $this->shops->read($shop, Needs::of()->withSkills());
        $person = array_column($workbook->register->people, null, 'id')[$id];
        $entries = $shop->logEntries()->where('person_id', $row->id)->whereIn('what', [What::Skill->value, What::Practice->value])->orderByDesc('on')->orderByDesc('id')->get();
        $voided = $shop->logEntries()->whereIntegerInRaw('voids_id', $entries->pluck('id'))->pluck('voids_id', 'voids_id');
        $writer = new SkillWriter();

        return [
            'on' => $day->plain(),
            'pieces' => $workbook->rules()->practicePieces,
            'person' => $writer->person($person),
            'skills' => array_map($writer->skill(...), $workbook->skills($day)->ofPerson($person)),
            'entries' => array_values($entries->map(static fn(LogEntry $entry): array => [
                'entry' => json_decode($entry->entry, flags: JSON_THROW_ON_ERROR),
                'isVoided' => isset($voided[$entry->id]),
            ])->all()),
            'people' => array_map(static fn(Person $of): array => ['id' => $of->id, 'name' => $of->name], $workbook->register->people),
            'faults' => $writer->faults(),
            'names' => $writer->names(),
        ];
    }

    /**
     * What breaks while some people are away.
     *
     * @param list<string> $away ids
     *
     * @return list<array<string, mixed>> each skill that the work asks for and that nobody who is there is signed off for, with its days
     *
     * @throws InvalidWorkbook for people that there are not, and days that are none to ask about
     */
    public function without(Shop $shop, array $away, Day $first, Day $last): array
    {
        $workbook = $this->shops->read($shop, Needs::of(scopes: null)->withSkills());
        $people = array_column($workbook->register->people, null, 'id');
        $problems = array_map(static fn(string $id): Problem => new Problem('people', $id, 'must be a person of the shop'), array_values(array_diff($away, array_map(strval(...), array_keys($people)))));
        if ($first->isAfter($last)) {
            $problems[] = new Problem('to', $last->plain(), 'must be the first day, ' . $first . ', or a later one');
        } elseif ($last->isAfter($first->plus(self::MOST_DAYS - 1))) {
            $problems[] = new Problem('to', $last->plain(), 'must be at most ' . self::MOST_DAYS . ' days from the first');
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }

        return self::told($workbook, array_map(static fn(string $id): Person => $people[$id], $away), $first, $last);
    }

    /**
     * @param list<Person> $away
     *
     * @return list<array<string, mixed>>
     */
    private static function told(Workbook $workbook, array $away, Day $first, Day $last): array
    {
        $needed = SkillNeeds::of($workbook->scopes, $workbook->rulesFor(...));
        $absences = Absence::of($workbook->register->people, Log::of($workbook->register->log), $away, $first, $last, array_map(strval(...), array_keys($needed)));

        return array_map(static fn(Absence $one): array => [
            'skill' => $one->skill,
            'terminations' => $needed[$one->skill],
            'from' => $one->from->plain(),
            'to' => $one->to->plain(),
            'missed' => array_map(static fn(Person $person): string => $person->name, $one->missed),
        ], $absences);
    }
}
