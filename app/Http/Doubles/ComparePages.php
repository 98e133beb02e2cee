<?php

declare(strict_types=1);

namespace App\Http\Doubles;

use App\Http\Doubles\Resources\ComparedCell;
use App\Http\Doubles\Resources\ComparedLife;
use App\Http\Doubles\Resources\ComparedLine;
use App\Http\Doubles\Resources\ComparedMark;
use App\Http\Doubles\Resources\ComparedPair;
use App\Http\Doubles\Resources\ComparePage;
use App\Http\Doubles\Resources\WorkingResource;
use App\Http\Research\SearchRows;
use App\Models\PairRuling;
use App\Models\Person;
use App\Refusal;
use App\Trees\Doubles\Rulings;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Join\ComparedRow;
use NorthBough\Core\Join\LifeOnAxis;
use NorthBough\Core\Join\SideBySide;
use NorthBough\Core\Linkage\ProbabilityWords;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Tree\Person as PersonValue;

/** Builds the page on which two to four people stand side by side. */
final readonly class ComparePages
{
    private const MOST = 4;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private Rulings $rulings)
    {
    }

    /** @param  list<string>  $ids */
    public function of(array $ids): ComparePage
    {
        if (count($ids) < 2 || count($ids) > self::MOST) {
            throw new Refusal('Two to four people are compared at once.');
        }
        Person::query()->whereIn('id', $ids)->count() === count($ids) || Person::query()->findOrFail($ids);
        $people = $this->tree->lives($ids);
        $inOrder = array_map(static fn (string $id): PersonValue => $people[$id], $ids);

        [$lives, $fromYear, $toYear] = LifeOnAxis::of($inOrder);

        return new ComparePage(
            array_map(SearchRows::named(...), $inOrder),
            array_map(self::line(...), [...SideBySide::of($inOrder, $this->kin($ids)), ...$this->records($ids)]),
            $this->pairs($ids),
            array_map(self::life(...), $lives), $fromYear, $toYear,
            array_map(SearchRows::named(...), array_values($this->tree->lives($this->others($ids)))),
        );
    }

    private static function life(LifeOnAxis $life): ComparedLife
    {
        return new ComparedLife($life->personId,
            array_map(static fn (array $mark): ComparedMark => new ComparedMark(...$mark), $life->marks));
    }

    private static function line(ComparedRow $row): ComparedLine
    {
        return new ComparedLine($row->aspect, array_map(static fn (array $values): ComparedCell => new ComparedCell($values), $row->cells),
            ! $row->isTold() ? 'told of one' : match ($row->verdict) {
                Verdict::Same => 'agrees',
                Verdict::Fits => 'fits',
                Verdict::Strains => 'strains',
                Verdict::Contradicts => 'contradicts',
                Verdict::Incomparable => 'differs',
            });
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, array<string, list<PersonalName>>> by relation, then by person
     */
    private function kin(array $ids): array
    {
        $found = ['Parents' => [], 'Partners' => [], 'Children' => []];
        foreach ($this->tree->parentSets($ids) as $id => $sets) {
            foreach ($sets as $set) {
                foreach ($set->whoStand() as $parent) {
                    $found['Parents'][$id][] = $parent->personId;
                }
            }
        }
        foreach ($this->tree->unionsOf($ids) as $id => $unions) {
            foreach ($unions as $union) {
                $found['Partners'][$id] = [...$found['Partners'][$id] ?? [], ...$union->partnersOf((string) $id)];
                $found['Children'][$id] = [...$found['Children'][$id] ?? [], ...$union->childrenOf((string) $id)];
            }
        }
        $ids = [];
        foreach ($found as $byPerson) {
            array_push($ids, ...array_merge(...array_values($byPerson)));
        }
        $lives = $this->tree->lives(array_values(array_unique($ids)));

        return array_map(static fn (array $byPerson): array => array_map(static fn (array $kin): array => array_values(array_map(
            static fn (string $id): PersonalName => $lives[$id]->name(), array_unique($kin))), $byPerson), $found);
    }

    /**
     * @param  list<string>  $ids
     * @return list<ComparedRow> the records on which they stand
     */
    private function records(array $ids): array
    {
        $titles = DB::table('placings')->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'placings.tree_id')
            ->on('roll_lines.id', 'placings.roll_line_id'))
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'roll_lines.tree_id')
                ->on('records.id', 'roll_lines.record_id'))
            ->join('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')->on('sources.id', 'records.source_id'))
            ->where('placings.tree_id', $this->current->id())->whereIn('placings.person_id', $ids)->where('placings.state', 'placed')
            ->orderBy('sources.title')->get(['placings.person_id', 'sources.title', 'records.locator'])->groupBy('person_id');
        $cells = array_map(
            static fn (string $id): array => array_values(($titles[$id] ?? collect())->map(static fn ($row): string => implode(', ',
                array_filter([$row->title, $row->locator])))->unique()->all()), $ids);

        return array_filter($cells) === [] ? [] : [new ComparedRow('Records', $cells, Verdict::Incomparable)];
    }

    /**
     * @param  list<string>  $ids
     * @return list<ComparedPair> each with each
     */
    private function pairs(array $ids): array
    {
        $pairs = [];
        foreach ($ids as $at => $id) {
            foreach (array_slice($ids, $at + 1) as $other) {
                $row = DB::table('double_pairs')->where('tree_id', $this->current->id())->where('a_id', min($id, $other))
                    ->where('b_id', max($id, $other))->first();
                $ruling = $this->rulings->of($id, $other);
                $working = array_values(
                    array_map(static fn (array $line): WorkingResource => new WorkingResource($line['aspect'], $line['weight'],
                        $line['says']),
                        $row === null ? [] : json_decode($row->working, true)));
                $pairs[] = new ComparedPair($id, $other, $row === null ? null : (float) $row->probability,
                    $row === null ? '' : ProbabilityWords::of((float) $row->probability),
                    $working, $ruling->ruling ?? '', $ruling->reason ?? '', $ruling === null ? '' : $this->ruledBy($ruling));
            }
        }

        return $pairs;
    }

    private function ruledBy(PairRuling $ruling): string
    {
        $made = DB::table('journal')->join('change_sets', static fn ($join) => $join->on('change_sets.tree_id', 'journal.tree_id')
            ->on('change_sets.id', 'journal.change_set_id'))->leftJoin('users', 'users.id', '=', 'change_sets.user_id')
            ->where('journal.tree_id', $this->current->id())->where('journal.row_id', $ruling->id)->orderByDesc('change_sets.seq')
            ->first(['users.name', 'change_sets.made_at']);

        return $made === null ? '' : trim("{$made->name}, ".date('j M Y', (int) strtotime($made->made_at)), ', ');
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function others(array $ids): array
    {
        $clusters = DB::table('double_pairs')->where('tree_id', $this->current->id())->where('probability', '>=', 0.5)
            ->where(static fn ($either) => $either->whereIn('a_id', $ids)->orWhereIn('b_id', $ids))->pluck('cluster_id')->unique();
        $rows = DB::table('double_pairs')->where('tree_id', $this->current->id())->whereIn('cluster_id', $clusters)->limit(60)
            ->get(['a_id', 'b_id']);

        return array_values(array_diff(array_unique([...$rows->pluck('a_id')->all(), ...$rows->pluck('b_id')->all()]), $ids));
    }
}
