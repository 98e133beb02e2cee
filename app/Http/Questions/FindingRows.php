<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Questions\Resources\FindingResource;
use App\Models\Question;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\LifeYears;
use stdClass;

/** Findings as lists show them: what disagrees and nobody has taken up, the worst first. */
final readonly class FindingRows
{
    public function __construct(private CurrentTree $current, private DatabaseTree $tree)
    {
    }

    public function count(): int
    {
        return $this->untaken()->count();
    }

    /**
     * @param  list<string>  $personIds  of any of them; none for everybody
     * @return list<FindingResource>
     */
    public function first(int $most, array $personIds = []): array
    {
        $rows = $this->untaken();

        return $this->read($personIds === [] ? $rows : $rows->whereIn('findings.person_id', $personIds), $most);
    }

    /** @return list<FindingResource> those that follow one; the first where it is not there */
    public function after(int $id, int $most): array
    {
        $last = DB::table('findings')->where('tree_id', $this->current->id())->where('id', $id)->first();

        return $this->read($last === null ? $this->untaken()
            : $this->untaken()->whereRaw('(NOT findings.is_hard, -findings.badness, findings.id) > (?, ?, ?)',
                [! $last->is_hard, -$last->badness, $last->id]), $most);
    }

    private function untaken(): Builder
    {
        return DB::table('findings')
            ->leftJoin('questions', static fn ($join) => $join->on('questions.tree_id', 'findings.tree_id')
                ->on('questions.person_id', 'findings.person_id')->on('questions.aspect', 'findings.aspect')
                ->where('questions.kind', 'conflict')->where('questions.state', 'open'))
            ->whereNull('questions.id')->where('findings.tree_id', $this->current->id());
    }

    /** @return list<FindingResource> */
    private function read(Builder $findings, int $most): array
    {
        /** @var Collection<int, stdClass> $rows */
        $rows = $findings->orderByDesc('findings.is_hard')->orderByDesc('findings.badness')->orderBy('findings.id')->limit($most)
            ->get(['findings.*']);
        $people = $this->tree->lives(array_values(array_unique($rows->pluck('person_id')->all())));

        return array_values($rows->map(static function (stdClass $row) use ($people): FindingResource {
            $person = $people[$row->person_id] ?? null;
            $sentence = str_ends_with($row->aspect, ' window')
                ? 'No date of '.substr($row->aspect, 0, -strlen(' window')).' fits all the evidence: '.($person?->name()->shown() ?? '?')
                : QuestionPages::sentence(new Question(['aspect' => $row->aspect]), $person);

            return new FindingResource((int) $row->id, $row->person_id, $sentence, $person === null ? '' : LifeYears::shown($person),
                $row->aspect, $row->is_hard, $row->ground,
                in_array($row->aspect, ['mother', 'father'], true) ? json_decode($row->subjects, true, flags: JSON_THROW_ON_ERROR) : []);
        })->all());
    }
}
