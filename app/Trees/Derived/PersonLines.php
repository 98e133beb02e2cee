<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Trees\CurrentTree;
use App\Trees\DatabaseTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;

/** The index line of each person: never journalled, always rebuildable from the tree. */
final readonly class PersonLines
{
    private const AT_ONCE = 1000;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree)
    {
    }

    /** @param  list<string>  $personIds */
    public function refresh(array $personIds): void
    {
        foreach (array_chunk($personIds, self::AT_ONCE) as $ids) {
            DB::table('person_lines')->where('tree_id', $this->current->id())->whereIn('person_id', $ids)->delete();
            $lines = array_map($this->line(...), array_values($this->tree->people($ids)));
            DB::table('person_lines')->insert($lines);
        }
    }

    public function rebuild(): void
    {
        DB::table('person_lines')->where('tree_id', $this->current->id())->delete();
        DB::table('people')->where('tree_id', $this->current->id())->select('id')->orderBy('id')
            ->chunk(self::AT_ONCE, fn ($rows) => $this->refresh(array_values($rows->pluck('id')->all())));
    }

    /** @return array<string, mixed> */
    private function line(Person $person): array
    {
        $name = $person->name();
        $birth = $person->leading('birth') ?? $person->leading('christening', 'baptism');
        $death = $person->leading('death') ?? $person->leading('burial', 'cremation');
        $names = array_map(static fn (Name $n): string => $n->name->shown(), $person->names);

        return [
            'tree_id' => $this->current->id(),
            'person_id' => $person->id,
            'number' => $person->number,
            'sex' => $person->sex->value,
            'shown_name' => $name->shown(),
            'filed_name' => $name->filed(),
            'sort_name' => SearchForm::of($name->surname === '' ? '~ '.$name->given : $name->surname.' '.$name->given),
            'search' => SearchForm::of(implode(' ', $names)),
            'birth_shown' => self::shown($birth, 'birth', 'chr. '),
            'birth_day' => self::day($birth),
            'birth_place' => $birth->place ?? '',
            'death_shown' => self::shown($death, 'death', 'bur. '),
            'death_day' => self::day($death),
        ];
    }

    /** A christening is marked as one: it never passes for a birth. */
    private static function shown(?Event $event, string $kind, string $mark): string
    {
        return $event === null || $event->date->shown === '' ? '' : ($event->kind === $kind ? '' : $mark).$event->date->shown;
    }

    private static function day(?Event $event): ?int
    {
        $span = $event?->date->span();

        return $span->earliest ?? $span?->latest;
    }
}
