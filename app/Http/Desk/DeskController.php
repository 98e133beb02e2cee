<?php

declare(strict_types=1);

namespace App\Http\Desk;

use App\Counted;
use App\Http\Api\Get;
use App\Http\Desk\Resources\DeskItem;
use App\Http\Desk\Resources\DeskPage;
use App\Http\Journal\JournalController;
use App\Trees\Access\LivingPeople;
use App\Trees\Journal\Changes;
use App\Trees\Journal\JournalFilter;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthBough\Core\Tree\EventKinds;

/** What waits for somebody, in sentences, by what each holds up. */
final readonly class DeskController
{
    public function __construct(
        private CurrentTree $current,
        private LivingPeople $living,
        private CaseSentences $cases,
        private Changes $changes,
    ) {
    }

    #[Get('/trees/{tree}/desk', 'desk', DeskPage::class)]
    public function index(): JsonResponse
    {
        return response()
            ->json(new DeskPage(
                [...$this->questions(), ...$this->current->seesLiving() ? $this->cases->all() : [], ...$this->contradictions(),
                    ...$this->unplaced(), ...$this->unasserted(), ...$this->unread()],
                $this->current->seesLiving()
                    ? array_map(JournalController::line(...), $this->changes->list(new JournalFilter, 8)) : []));
    }

    /** @return list<DeskItem> conflicts that wait for a decision, those first on which most children depend */
    private function questions(): array
    {
        if (! $this->current->seesLiving()) {
            return [];
        }
        $children = '(SELECT count(*) FROM counted_parentages AS tie WHERE tie.tree_id = questions.tree_id
            AND tie.person_id = questions.person_id)';
        $rows = DB::table('questions')
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'questions.tree_id')
                ->on('person_lines.person_id', 'questions.person_id'))
            ->where('questions.tree_id', $this->current->id())->where('questions.state', 'open')->where('questions.kind', 'conflict')
            ->orderByRaw("{$children} DESC, questions.id")->limit(20)
            ->selectRaw('questions.id, questions.aspect, questions.title, questions.reopened_by, person_lines.shown_name, '
                ."person_lines.number, {$children} AS children")->get();

        return array_values($rows->map(static function ($row): DeskItem {
            $depends = match ((int) $row->children) {
                0 => '',
                default => '; '.Counted::of((int) $row->children, 'child depends', 'children depend').' on it',
            };

            return new DeskItem(self::conflict($row->aspect, $row->shown_name, $row->number).$depends.'.',
                $row->reopened_by !== '' ? $row->reopened_by : $row->title, "questions/{$row->id}");
        })->all());
    }

    /** @return list<DeskItem> conflicts that were found, of which nobody has opened a question */
    private function contradictions(): array
    {
        $rows = $this->living->visible(DB::table('findings'))
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'findings.tree_id')
                ->on('person_lines.person_id', 'findings.person_id'))
            ->where('findings.tree_id', $this->current->id())->where('findings.is_hard', true)
            // Of what is asked, or was decided, the question speaks.
            ->whereNotExists(static fn ($query) => $query->selectRaw('1')->from('questions')
                ->whereColumn('questions.tree_id', 'findings.tree_id')->whereColumn('questions.person_id', 'findings.person_id')
                ->whereColumn('questions.aspect', 'findings.aspect'))
            ->orderByDesc('findings.badness')->orderBy('findings.id')->limit(20)
            ->get(['findings.person_id', 'findings.aspect', 'findings.ground', 'person_lines.shown_name', 'person_lines.number']);

        return array_values($rows->map(static fn ($row): DeskItem => new DeskItem(
            str_ends_with($row->aspect, ' window')
                ? 'No date of '.substr($row->aspect, 0, -strlen(' window'))
                ." fits all the evidence for {$row->shown_name}, no. {$row->number}."
                : self::conflict($row->aspect, $row->shown_name, $row->number).'.', $row->ground, "people/{$row->person_id}",
        ))->all());
    }

    private static function conflict(string $aspect, string $name, int $number): string
    {
        return "{$name} (no. {$number}) has ".match ($aspect) {
            'presence' => 'been in two places at once',
            'sex' => 'conflicting statements of sex',
            default => 'conflicting '.Str::plural(self::aspect($aspect)),
        };
    }

    private static function aspect(string $aspect): string
    {
        return $aspect === 'presence' ? 'whereabouts' : mb_strtolower(EventKinds::all()[$aspect]->word ?? $aspect);
    }

    /** @return list<DeskItem> records that are not finished: names that nobody placed, or pages that changed since they were taken in */
    private function unplaced(): array
    {
        if (! $this->current->seesLiving()) {
            return [];
        }
        $rows = DB::table('records')
            ->join('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')->on('sources.id', 'records.source_id'))
            ->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'records.tree_id')
                ->on('roll_lines.record_id', 'records.id'))
            ->leftJoin('placings', static fn ($join) => $join->on('placings.tree_id', 'roll_lines.tree_id')
                ->on('placings.roll_line_id', 'roll_lines.id')->whereIn('placings.state', ['placed', 'set aside']))
            ->where('records.tree_id', $this->current->id())
            ->groupBy('records.id', 'records.locator', 'records.look_again', 'sources.title')
            ->havingRaw('records.look_again OR count(*) FILTER (WHERE placings.id IS NULL) > 0')
            ->orderByRaw('count(*) FILTER (WHERE placings.id IS NULL) DESC, records.id')->limit(12)
            ->selectRaw("records.id, records.locator, records.look_again, sources.title,
                count(*) FILTER (WHERE placings.id IS NULL) AS waiting,
                string_agg(roll_lines.name_typed, ', ' ORDER BY roll_lines.position) FILTER (WHERE placings.id IS NULL) AS names")->get();

        return array_values($rows->map(static function ($row): DeskItem {
            $where = trim("{$row->title}, {$row->locator}", ', ');

            return new DeskItem(match (true) {
                (int) $row->waiting === 0 => "{$where}: changed since it was added to the tree.",
                (int) $row->waiting === 1 => "One name is not placed on {$where}.",
                default => self::number((int) $row->waiting)." names are not placed on {$where}.",
            }, (string) $row->names, "records/table/{$row->id}");
        })->all());
    }

    /** @return list<DeskItem> deaths that a file names without saying that they happened */
    private function unasserted(): array
    {
        $rows = $this->living->visible(DB::table('events'))
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'events.tree_id')
                ->on('person_lines.person_id', 'events.person_id'))
            ->where('events.tree_id', $this->current->id())->where('events.standing', 'rival')
            ->whereRaw("jsonb_exists(events.written, 'IMPLIED')")
            ->orderBy('person_lines.sort_name')->orderBy('events.id')->limit(20)
            ->get(['events.id', 'events.kind', 'person_lines.person_id', 'person_lines.shown_name', 'person_lines.number']);

        return array_values($rows->map(static fn ($row): DeskItem => new DeskItem(
            'A file names a '.self::aspect($row->kind)." of {$row->shown_name}, no. {$row->number}, and does not say that it happened.",
            'Without Y, a date or a place it asserts nothing, and they count as living. Choose “Use this one” if they are dead, or rule '
                .'it out.', "people/{$row->person_id}?fact={$row->id}",
        ))->all());
    }

    /** @return list<DeskItem> dates of which nothing was understood, or two things */
    private function unread(): array
    {
        $rows = $this->living->visible(DB::table('events'))
            ->leftJoinLateral(DB::table('counted_partners')->whereColumn('counted_partners.tree_id', 'events.tree_id')
                ->whereColumn('counted_partners.union_id', 'events.union_id')
                ->orderBy('slot')->orderBy('id')->limit(1)->select('person_id'), 'partner')
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'events.tree_id')
                ->whereRaw('person_lines.person_id = coalesce(events.person_id, partner.person_id)'))
            ->where('events.tree_id', $this->current->id())
            // A phrase in brackets is meant as one (the standard, DatePhrase); any other was to be a date.
            ->whereRaw("(events.date_problem <> '' OR events.other_begin_lo IS NOT NULL OR (events.date_kind = 'phrase' AND "
                ."events.date_typed <> '' AND events.date_typed NOT LIKE '(%'))")
            ->orderBy('person_lines.sort_name')->limit(20)
            ->get(['person_lines.person_id', 'person_lines.shown_name', 'person_lines.number', 'events.date_typed', 'events.date_shown',
                'events.date_problem', 'events.date_kind']);

        return array_values($rows->map(static fn ($row): DeskItem => new DeskItem(
            "“{$row->date_typed}” on {$row->shown_name}, no. {$row->number}, ".match (true) {
                $row->date_problem !== '' => 'is no day that can be.',
                $row->date_kind === 'phrase' => 'is not understood as a date.',
                default => 'can be read in two ways.',
            },
            $row->date_problem !== '' ? $row->date_problem
                : ($row->date_kind === 'phrase' ? 'It is saved as it was typed, and sorts nowhere.' : $row->date_shown),
            "people/{$row->person_id}",
        ))->all());
    }

    private static function number(int $count): string
    {
        return ['', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'][$count] ?? (string) $count;
    }
}
