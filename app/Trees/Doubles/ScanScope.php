<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use App\Models\Group;
use App\Models\Person;
use App\Refusal;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Naming\SearchForm;

/** Whose doubles are looked for: everybody, or those whom every part of a slice fits. */
final readonly class ScanScope
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  array<string, string|int|null>  $asked  as ScanInput has it
     * @return list<string>|null ids; null for everybody
     *
     * @throws Refusal where it is nobody
     */
    public function ids(array $asked): ?array
    {
        $asked = array_filter($asked, static fn (string|int|null $part): bool => $part !== null && $part !== '');
        if ($asked === []) {
            return null;
        }
        $people = DB::table('person_lines')->where('tree_id', $this->current->id());
        foreach (isset($asked['name']) ? array_filter(explode(' ', SearchForm::of((string) $asked['name']))) : [] as $word) {
            $people->where('search', 'like', "%{$word}%");
        }
        if (isset($asked['place'])) {
            $people->whereRaw('birth_place ILIKE ?', ['%'.addcslashes((string) $asked['place'], '%_\\').'%']);
        }
        // Whoever may have been born in the years, as far as is known.
        isset($asked['from']) && $people->whereRaw('coalesce(born_by, birth_day) >= ?', [self::day((int) $asked['from'])]);
        isset($asked['to']) && $people->whereRaw('coalesce(born_from, birth_day) < ?', [self::day((int) $asked['to'] + 1)]);
        if (isset($asked['numbers'])) {
            $people->where(fn ($any) => $this->numbered($any, (string) $asked['numbers']));
        }
        if (isset($asked['groupId'])) {
            $people->whereIn('person_id', DB::table('group_members')->where('tree_id', $this->current->id())
                ->where('group_id', $asked['groupId'])->whereNotNull('person_id')->select('person_id'));
        }
        foreach (['belowId' => true, 'aboveId' => false] as $part => $isBelow) {
            isset($asked[$part]) && $people->whereIn('person_id', $this->branch((string) $asked[$part], $isBelow));
        }
        $ids = array_values(array_map(strval(...), $people->pluck('person_id')->all()));

        return $ids === [] ? throw new Refusal('Nobody in the tree fits this. Ask for more.') : $ids;
    }

    /** @param  array<string, string|int|null>  $asked */
    public function words(array $asked): string
    {
        $parts = array_filter([
            isset($asked['name']) ? "named {$asked['name']}" : '',
            isset($asked['place']) ? "born at {$asked['place']}" : '',
            isset($asked['from'], $asked['to']) ? "born {$asked['from']} to {$asked['to']}"
                : (isset($asked['from']) ? "born in {$asked['from']} or later" : (isset($asked['to']) ? "born by {$asked['to']}" : '')),
            isset($asked['numbers']) ? "no. {$asked['numbers']}" : '',
            isset($asked['groupId']) ? 'in the group '.(Group::query()->find($asked['groupId'])->name ?? '?') : '',
            isset($asked['belowId']) ? "descendants of {$this->shown((string) $asked['belowId'])}" : '',
            isset($asked['aboveId']) ? "ancestors of {$this->shown((string) $asked['aboveId'])}" : '',
        ]);

        return $parts === [] ? 'everybody' : implode(', ', $parts);
    }

    /** The first day of a year. */
    private static function day(int $year): int
    {
        return (int) GenDate::parse((string) $year)->span()?->earliest;
    }

    private function numbered(\Illuminate\Database\Query\Builder $any, string $numbers): void
    {
        preg_match_all('/(\d{1,9})(?:\s*[-–]\s*(\d{1,9}))?/u', $numbers, $ranges, PREG_SET_ORDER);
        foreach ($ranges as $range) {
            $any->orWhereBetween('number', [(int) $range[1], (int) ($range[2] ?? $range[1])]);
        }
        $ranges === [] && $any->whereRaw('false');
    }

    /** @return list<string> somebody and all their descendants, or ancestors */
    private function branch(string $personId, bool $isBelow): array
    {
        [$from, $to] = $isBelow ? ['p.person_id', 's.child_id'] : ['s.child_id', 'p.person_id'];
        $rows = DB::select("WITH RECURSIVE branch AS (SELECT ?::uuid AS id UNION SELECT {$to} FROM branch
            JOIN parent_sets s ON s.tree_id = ? JOIN counted_parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
            WHERE {$from} = branch.id) SELECT id FROM branch", [Person::query()->findOrFail($personId)->id, $this->current->id()]);

        return array_column($rows, 'id');
    }

    private function shown(string $personId): string
    {
        return (string) (DB::table('person_lines')->where('tree_id', $this->current->id())->where('person_id', $personId)
            ->value('shown_name')
            ?? '?');
    }
}
