<?php

declare(strict_types=1);

namespace App\Http\Doubles;

use App\Http\Doubles\Resources\DoubleRow;
use App\Http\Doubles\Resources\DoublesPage;
use App\Http\Doubles\Resources\ScanCounts;
use App\Http\Exchange\ExchangeController;
use App\Http\Research\SearchRows;
use App\Models\Run;
use App\Trees\Doubles\Ruling;
use App\Trees\Doubles\Rulings;
use App\Trees\Doubles\StoredPairs;
use App\Trees\Joins\JoinLikely;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\ProbabilityWords;

/** The list of pairs, page by page. */
final readonly class DoublePages
{
    private const AT_ONCE = 60;

    private const MOST_IN_TABLE = 100000;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private StoredPairs $stored)
    {
    }

    public function page(DoublesAsked $asked, string $after): DoublesPage
    {
        $byEntries = $asked->sort === 'entries';
        $query = $this->pairs($asked);
        $last = json_decode(base64_decode($after, true) ?: 'null', true);
        if (is_array($last) && count($last) === 4) {
            [$entries, $probability, $a, $b] = array_values($last);
            $byEntries
                ? $query->whereRaw('(-cluster_size, -probability, a_id, b_id) > (?, ?, ?::uuid, ?::uuid)',
                    [-(int) $entries, -(float) $probability, (string) $a, (string) $b])
                : $query->whereRaw('(-probability, a_id, b_id) > (?, ?::uuid, ?::uuid)', [-(float) $probability, (string) $a, (string) $b]);
        }
        $byEntries && $query->orderByDesc('cluster_size');
        $rows = array_values($query->orderByDesc('probability')->orderBy('a_id')->orderBy('b_id')->limit(self::AT_ONCE + 1)->get()->all());
        $page = array_slice($rows, 0, self::AT_ONCE);
        $end = count($rows) > self::AT_ONCE ? $page[self::AT_ONCE - 1] : null;
        $run = Run::query()->where('tree_id', $this->current->id())->whereIn('kind', ['doubles', 'joins'])->orderByDesc('created_at')
            ->orderByDesc('id')->first();
        $done = Run::query()->where('tree_id', $this->current->id())->where('kind', 'doubles')->where('state', 'done')
            ->orderByDesc('created_at')->orderByDesc('id')->first();

        return new DoublesPage($this->rows($page), $end === null ? null
            : base64_encode((string) json_encode([$end->cluster_size, $end->probability, $end->a_id, $end->b_id])),
            $this->pairs(new DoublesAsked('', '', ''))->count(),
            $this->stored->likely(JoinLikely::SURE, $asked->words)->reorder()->count(), $this->ruled(Ruling::Different),
            $this->ruled(Ruling::NotNow),
            $run === null ? null : ExchangeController::run($run), self::counts($done));
    }

    /** @return list<DoubleRow> who may be the same as somebody, ruled on or not, the likeliest first */
    public function ofPerson(string $personId): array
    {
        return $this->rows(
            array_values($this->stored->all()->where(static fn ($either) => $either->where('a_id', $personId)->orWhere('b_id', $personId))
                ->orderByDesc('probability')->orderBy('a_id')->orderBy('b_id')->limit(self::AT_ONCE)->get()->all()));
    }

    /** @return string a table: ids and numbers of both, and the probability */
    public function table(DoublesAsked $asked): string
    {
        $lines = ["a,a_number,b,b_number,probability\r\n"];
        foreach ($this->pairs($asked)->orderByDesc('probability')->orderBy('a_id')->orderBy('b_id')->limit(self::MOST_IN_TABLE)
            ->cursor() as $row) {
            $lines[] = "{$row->a_id},{$row->a_number},{$row->b_id},{$row->b_number},{$row->probability}\r\n";
        }

        return implode('', $lines);
    }

    private function pairs(DoublesAsked $asked): Builder
    {
        return $this->stored->ruled(Ruling::tryFrom($asked->show), $asked->words);
    }

    private function ruled(Ruling $ruling): int
    {
        return DB::table('pair_rulings')->where('tree_id', $this->current->id())->where('rule', Rulings::RULE)
            ->where('ruling', $ruling->value)->count();
    }

    /**
     * @param  list<\stdClass>  $rows
     * @return list<DoubleRow>
     */
    private function rows(array $rows): array
    {
        $lives = $this->tree->lives(array_values(array_unique([...array_column($rows, 'a_id'), ...array_column($rows, 'b_id')])));

        return array_map(static fn (object $row): DoubleRow => new DoubleRow(SearchRows::named($lives[$row->a_id]),
            SearchRows::named($lives[$row->b_id]), (float) $row->probability, ProbabilityWords::of((float) $row->probability),
            $row->cluster_size,
            self::strongest(json_decode($row->working, true)), $row->ruling ?? '', $row->reason ?? ''), $rows);
    }

    /** @param  list<array{aspect: string, weight: float, says: string}>  $working */
    private static function strongest(array $working): string
    {
        $told = array_values(
            array_filter($working, static fn (array $line): bool => ! in_array($line['aspect'], ['prior', 'together'], true)));
        usort($told, static fn (array $line, array $other): int => $other['weight'] <=> $line['weight']);
        $against = array_filter(array_slice($told, -1), static fn (array $line): bool => $line['weight'] < -1);

        return implode(' ', array_unique(array_column([...array_slice($told, 0, 2), ...$against], 'says')));
    }

    private static function counts(?Run $run): ?ScanCounts
    {
        $result = $run->result ?? [];

        return isset($result['lookedAt']) ? new ScanCounts((string) $result['of'], (int) $result['lookedAt'], (int) $result['sure'],
            (int) $result['several'], (int) $result['none']) : null;
    }
}
