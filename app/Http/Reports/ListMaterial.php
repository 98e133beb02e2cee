<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Questions\Resources\FindingResource;
use App\Http\Questions\Resources\QuestionLine;
use App\Http\Research\Resources\SearchResource;
use App\Http\Research\Resources\TaskResource;
use App\Models\Question;
use App\Models\Source;
use App\Trees\Access\SeenTree;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Loading\EveryRow;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Report\Lists;
use NorthBough\Core\Report\Records\ListedSource;
use NorthBough\Core\Report\Research\ListedFinding;
use NorthBough\Core\Report\Research\ListedQuestion;
use NorthBough\Core\Report\Research\ListedTask;
use NorthBough\Core\Report\Research\LoggedSearch;
use NorthBough\Core\Tree\CitedSource;
use NorthBough\Core\Tree\Person;

/** What reports list of the current tree, as one audience sees it: no row is about anybody who is withheld, and no text names them. */
final readonly class ListMaterial implements Lists
{
    private const MOST = 20000;

    private const AT_ONCE = 500;

    public function __construct(
        private SeenTree $seen,
        private CurrentTree $current,
        private EveryRow $every,
        private TreeSourceKinds $kinds,
        private ResearchRows $research,
    ) {
    }

    public function sources(array $personIds): array
    {
        $hide = $this->seen->text(...);
        $cited = $this->citations($personIds)->groupBy('records.source_id')->selectRaw('records.source_id, count(*) AS citations')
            ->pluck('citations', 'source_id');
        $names = DB::table('repositories')->where('tree_id', $this->current->id())->pluck('name', 'id');
        $sources = Source::query()->orderBy('search')->orderBy('id')->limit(self::MOST);
        if ($personIds !== []) {
            $sources->whereIn('id', $cited->keys());
        }

        return array_values($sources->get()->map(function (Source $source) use ($hide, $cited, $names): ListedSource {
            $repository = $hide((string) ($names[$source->repository_id] ?? ''));

            return new ListedSource(new CitedSource($source->id, $hide($source->title), $hide($source->author), $hide($source->publication),
                $repository, $this->kinds->forms($source->kind, $source->source_kind_id, array_map($hide, $source->fields), $repository)),
                $hide($source->call_number), (int) ($cited[$source->id] ?? 0));
        })->all());
    }

    public function tasks(array $personIds): array
    {
        $hide = $this->seen->text(...);
        $rows = $personIds === [] ? $this->research->tasks->of([], self::MOST)
            : array_merge([], ...array_map(fn (string $id): array => $this->research->tasks->of(['person_id' => $id], self::MOST),
                $personIds));

        return array_map(static fn (TaskResource $task): ListedTask => new ListedTask($hide($task->text), $hide($task->about), $task->done),
            $this->shown($rows, static fn (TaskResource $task): array => [(string) $task->personId]));
    }

    public function searches(array $personIds): array
    {
        $this->refuseUnseen();
        $hide = $this->seen->text(...);
        $rows = $personIds === [] ? $this->research->searches->all() : $this->research->searches->forPeople($personIds);

        return array_map(static fn (SearchResource $row): LoggedSearch => new LoggedSearch($row->date, $hide($row->lookedFor),
            $hide($row->lookedIn),
            $row->outcome, $hide($row->found), $hide($row->note), array_map(static fn ($person): string => $hide($person->name),
                $row->people)),
            $this->shown($rows, static fn (SearchResource $row): array => array_column($row->people, 'id')));
    }

    public function questions(array $personIds): array
    {
        $this->refuseUnseen();
        $hide = $this->seen->text(...);
        $asked = Question::query()->orderByRaw("state IN ('decided', 'proved', 'ruled out'), id DESC")->limit(self::MOST);
        if ($personIds !== []) {
            $asked->where(static fn ($of) => $of->whereIn('person_id', $personIds)->orWhereIn('other_person_id', $personIds));
        }
        /** @var \Illuminate\Database\Eloquent\Collection<int, Question> $all */
        $all = $asked->get();
        $about = static fn (Question $row): array => array_values(array_filter([(string) $row->person_id, (string) $row->other_person_id]));
        $withheld = $this->seen->withheld(array_values(array_unique(array_merge([], ...$all->map($about)->all()))));
        $rows = $all->filter(static fn (Question $row): bool => array_intersect($about($row), $withheld) === [])->keyBy('id');

        return array_map(static fn (QuestionLine $line): ListedQuestion => new ListedQuestion($hide($line->sentence), $line->state,
            $hide($line->decision), $hide($rows[$line->id]->reason ?? ''), $hide($rows[$line->id]->summary ?? '')),
            $this->research->questions->of($rows->values()));
    }

    public function findings(array $personIds): array
    {
        $this->refuseUnseen();
        $hide = $this->seen->text(...);

        return array_map(static fn (FindingResource $row): ListedFinding => new ListedFinding($hide($row->sentence), $row->life,
            $hide($row->ground),
            $row->isHard), $this->shown($this->research->findings->first(self::MOST, $personIds),
                static fn (FindingResource $row): array => [$row->personId]));
    }

    public function everybody(array $personIds): iterable
    {
        foreach ($personIds === [] ? $this->every->people(self::AT_ONCE) : [$personIds] as $ids) {
            yield from $this->shown(array_values($this->seen->view->lives($ids)), static fn (Person $person): array => [$person->id]);
        }
    }

    public function couples(array $personIds): iterable
    {
        if ($personIds !== []) {
            $unions = array_merge([], ...array_values($this->seen->view->unionsOf($personIds)));
            yield from array_values(array_column($unions, null, 'id'));

            return;
        }
        foreach ($this->every->couples(self::AT_ONCE) as $ids) {
            yield from array_values($this->seen->view->unions($ids, []));
        }
    }

    /** @param  list<string>  $personIds */
    private function citations(array $personIds): Builder
    {
        $claims = DB::table('claims')
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'claims.tree_id')->on('records.id', 'claims.record_id'))
            ->where('claims.tree_id', $this->current->id());

        return $personIds === [] ? $claims : $claims
            ->join('events', static fn ($join) => $join->on('events.tree_id', 'claims.tree_id')->on('events.id', 'claims.event_id'))
            ->whereIn('events.person_id', $personIds);
    }

    /** What was searched, asked and found names people in words of its own: whoever may not see the living has none of it. */
    private function refuseUnseen(): void
    {
        $this->current->refuseShielded('This report names living people; it is for those who may see them.');
    }

    /**
     * Leaves out the rows that are about somebody who is withheld.
     *
     * @template T
     *
     * @param  list<T>  $rows
     * @param  Closure(T): array<string>  $of  ids of those whom a row is about; empty words are nobody
     * @return list<T>
     */
    private function shown(array $rows, Closure $of): array
    {
        $ids = array_values(array_unique(array_filter(array_merge([], ...array_map($of, $rows)))));
        $withheld = $this->seen->withheld($ids);

        return array_values(array_filter($rows, static fn (mixed $row): bool => array_intersect($of($row), $withheld) === []));
    }
}
