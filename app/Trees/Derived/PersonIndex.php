<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Trees\Changes\AffectedPeople;
use App\Trees\Changes\DerivedData;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Loading\EveryRow;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\CopyRows;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\DeathYears;
use NorthBough\Core\Life\KinBirthBounds;
use NorthBough\Core\Life\LivingRule;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Restriction;

/** The index line of each person: never journalled, always rebuildable from the tree. */
final readonly class PersonIndex implements DerivedData
{
    private const AT_ONCE = 2000;

    /** From so many on they are copied in. */
    private const ONE_BY_ONE = 20;

    public function __construct(
        private CurrentTree $current,
        private DatabaseTree $tree,
        private KinBirthDays $kinDays,
        private EveryRow $everybody,
        private AffectedKin $affected,
    ) {
    }

    public function affectedBy(AffectedPeople $affected): array
    {
        return $this->affected->withPartners($affected);
    }

    /**
     * Works the lines of some people out anew, and of those kin whose days follow from theirs.
     *
     * @param  list<string>  $personIds
     */
    public function refresh(array $personIds): void
    {
        $first = true;
        // A day that moves can move a parent's or a child's in turn; each round goes one tie farther.
        for ($round = 0; $personIds !== [] && $round < 60; $round++) {
            $moved = [];
            foreach (array_chunk($personIds, self::AT_ONCE) as $ids) {
                array_push($moved, ...$this->replace($ids, $first));
            }
            $first = false;
            $personIds = $moved === [] ? [] : $this->kinDays->kinOf($moved);
        }
    }

    public function rebuild(): void
    {
        DB::table('person_lines')->where('tree_id', $this->current->id())->delete();
        foreach ($this->everybody->people(self::AT_ONCE) as $ids) {
            $lines = $this->lines($ids, []);
            if ($lines !== []) {
                CopyRows::into('person_lines', $lines);
            }
        }
        DB::statement('ANALYZE person_lines');
        $this->recount();
        $this->refresh($this->kinDays->movedByKin());
    }

    /** Counts the people of the tree, as after a bulk change; single ones are counted as they come and go. */
    public function recount(): void
    {
        DB::table('trees')->where('id', $this->current->id())
            ->update(['people_count' => DB::table('people')->where('tree_id', $this->current->id())->count()]);
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> those whose own days moved
     */
    private function replace(array $ids, bool $evenUnmoved): array
    {
        $before = DB::table('person_lines')->where('tree_id', $this->current->id())->whereIn('person_id', $ids)
            ->get(['person_id', 'born_from', 'born_by', 'died_by', 'dead_from'])->keyBy('person_id');
        $lines = $this->lines($ids, $this->kinDays->around($ids));
        $changed = [];
        $moved = [];
        foreach ($lines as $line) {
            $old = $before->get($line['person_id']);
            $hasMoved = $old === null
                || [$old->born_from, $old->born_by, $old->died_by] !== [$line['born_from'], $line['born_by'], $line['died_by']];
            $moved = $hasMoved ? [...$moved, (string) $line['person_id']] : $moved;
            if ($evenUnmoved || $hasMoved || $old->dead_from !== $line['dead_from']) {
                $changed[] = $line;
            }
        }
        $gone = array_values(array_diff($ids, array_column($lines, 'person_id')));
        if (count($changed) < self::ONE_BY_ONE) {
            DB::table('person_lines')->upsert($changed, ['tree_id', 'person_id']);
        } else {
            array_push($gone, ...array_column($changed, 'person_id'));
        }
        if ($gone !== []) {
            DB::table('person_lines')->where('tree_id', $this->current->id())->whereIn('person_id', $gone)->delete();
        }
        if (count($changed) >= self::ONE_BY_ONE) {
            CopyRows::into('person_lines', $changed);
        }

        return $moved;
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, KinBirthBounds>  $kin
     * @return list<array<string, string|int|null>>
     */
    private function lines(array $ids, array $kin): array
    {
        if ($ids === []) {
            return [];
        }
        $tree = $this->current->get();
        $rule = DeathYears::of($tree->dead_years_after_birth, $tree->dead_years_after_adult_event);
        $unionEvents = $this->tree->unionEvents($ids);
        $saidDead = DB::table('people')->where('tree_id', $tree->id)->whereIn('id', $ids)->where('said_dead_why', '!=', '')->pluck('id')
            ->flip();
        $withheld = DB::table('people')->where('tree_id', $tree->id)->whereIn('id', $ids)->where('restriction', '!=', '')
            ->pluck('restriction', 'id')->map(static fn (string $words): bool => Restriction::fromStandard($words)->withholds());
        $forms = $this->otherForms($ids);
        $lines = [];
        foreach ($this->tree->lives($ids) as $id => $person) {
            $lifetime = LivingRule::of([...$person->events, ...$unionEvents[$id] ?? []], $kin[$id] ?? KinBirthBounds::none(),
                isset($saidDead[$id]), $rule);
            $lines[] = [...$this->line($person, $forms[$id] ?? []), 'born_from' => $lifetime->bornFrom, 'born_by' => $lifetime->bornBy,
                'died_by' => LivingRule::diedBy($person->events), 'dead_from' => ($withheld[$id] ?? false) ? null : $lifetime->deadFrom];
        }

        return $lines;
    }

    /**
     * Forms of names in another script or spelling, as files have them under a name: TRAN of version 7, ROMN and FONE of 5.5.1.
     *
     * @param  list<string>  $ids
     * @return array<string, list<string>> by person
     */
    private function otherForms(array $ids): array
    {
        $rows = DB::table('kept')
            ->join('names', static fn ($join) => $join->on('names.tree_id', 'kept.tree_id')->on('names.id', 'kept.name_id'))
            ->where('kept.tree_id', $this->current->id())->whereIn('names.person_id', $ids)->where('names.standing', '<>', 'ruled out')
            ->whereRaw("kept.lines ~ '^0 (TRAN|ROMN|FONE) '")->orderBy('kept.id')->get(['names.person_id', 'kept.lines']);
        $forms = [];
        foreach ($rows as $row) {
            preg_match('/^0 \w+ (.+)$/m', $row->lines, $m);
            $forms[$row->person_id][] = PersonalName::parse($m[1] ?? '')->shown();
        }

        return $forms;
    }

    /**
     * @param  list<string>  $forms  of the names in other scripts
     * @return array<string, string|int|null>
     */
    private function line(Person $person, array $forms): array
    {
        $name = $person->name();
        // The index is read by everybody: a fact that is to be withheld stands on the page alone.
        $lean = new Person($person->id, $person->number, $person->sex, $person->names,
            array_values(array_filter($person->events, static fn (Event $event): bool => ! $event->isWithheld())));
        $birth = $lean->vitals()->beginning();
        $death = $lean->vitals()->end();
        $names = array_map(static fn (Name $n): string => $n->name->shown(),
            array_filter($person->names, static fn (Name $n): bool => $n->counts()));
        $names = [...$names, ...$forms];

        return [
            'tree_id' => $this->current->id(),
            'person_id' => $person->id,
            'number' => $person->number,
            'sex' => $person->sex->value,
            'shown_name' => $name->shown(),
            'filed_name' => $name->filed(),
            'sort_name' => SearchForm::of($name->surname === '' ? '~ '.$name->given : $name->surname.' '.$name->given),
            'search' => self::inBothScripts(implode(' ', $names)),
            'surname_sound' => SoundCode::of(SearchForm::latin($name->surname)),
            'sounds' => '{'.implode(',', SoundCode::each(SearchForm::latin(implode(' ', $names)))).'}',
            'birth_shown' => self::shown($birth),
            'birth_day' => self::day($birth),
            'birth_place' => $birth->place ?? '',
            'death_shown' => self::shown($death),
            'death_day' => self::day($death),
        ];
    }

    /** Names as they are written, and once more in Latin letters where they are in another script, so that either finds them. */
    private static function inBothScripts(string $names): string
    {
        [$written, $latin] = [SearchForm::of($names), SearchForm::latin($names)];

        return $written === $latin ? $written : "{$written} {$latin}";
    }

    private static function shown(?Event $event): string
    {
        return $event === null || $event->date->shown === '' ? '' : ltrim("{$event->mark()} {$event->date->shown}");
    }

    private static function day(?Event $event): ?int
    {
        $span = $event?->date->span();

        return $span->earliest ?? $span?->latest;
    }
}
