<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use stdClass;

/** Questions and cases as they are written to a file, with their answers, points, and the claims that they rest on. */
final readonly class QuestionExport
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  Collection<int, string>  $personIds
     * @return array<string, list<QuestionRow>> by person
     */
    public function ofPeople(Collection $personIds): array
    {
        $questions = [];
        foreach ($this->whole($this->asked()->whereIn('questions.person_id', $personIds)) as $question) {
            $questions[$question->personId][] = $question;
        }

        return $questions;
    }

    /** @return list<QuestionRow> that are asked of a line of a roll, and of no person */
    public function ofLines(): array
    {
        return $this->whole($this->asked()->whereNull('questions.person_id')->whereNotNull('questions.roll_line_id'));
    }

    /** @return list<string> ids of claims that points and decisions rest on, and of questions that ties, placings and searches come from */
    public function pointedAt(): array
    {
        $ids = $this->rows('points')->whereNotNull('claim_id')->select('claim_id AS id')
            ->union($this->rows('rests_on')->whereNotNull('claim_id')->select('claim_id AS id'))
            ->union($this->rows('rests_on')->whereNotNull('question_id')->select('question_id AS id'))
            ->union($this->rows('claims')->whereNotNull('leans_on_id')->select('leans_on_id AS id'))
            ->union($this->rows('searches')->whereNotNull('question_id')->select('question_id AS id'));

        return array_values(array_map(strval(...), $ids->pluck('id')->all()));
    }

    /** Of the questions that what was decided may rest on, the one by which it stands. */
    public static function decidedBy(string $kind, string $column): Builder
    {
        return DB::table('rests_on')->whereColumn("rests_on.deciding_{$kind}_id", $column)->whereNotNull('rests_on.question_id')
            ->orderByDesc('rests_on.id')->limit(1)->select('rests_on.question_id');
    }

    private function asked(): Builder
    {
        return $this->rows('questions')
            ->leftJoin('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'questions.tree_id')
                ->on('roll_lines.id', 'questions.roll_line_id'))
            ->leftJoin('records', static fn ($join) => $join->on('records.tree_id', 'roll_lines.tree_id')
                ->on('records.id', 'roll_lines.record_id'))
            ->select(['questions.*', 'records.source_id AS line_source_id', 'records.locator AS line_locator'])
            ->selectSub(ClaimExport::lineNumber('questions.roll_line_id'), 'line_number')
            ->selectSub(self::decidedBy('question', 'questions.id'), 'decided_by')->orderBy('questions.id');
    }

    /** @return list<QuestionRow> */
    private function whole(Builder $asked): array
    {
        $rows = $asked->get();
        $ids = $rows->pluck('id');
        if ($rows->isEmpty()) {
            return [];
        }
        $points = $this->rows('points')->whereIn('question_id', $ids)->orderBy('position')->orderBy('id')->get()->groupBy('alternative_id');
        $alternatives = $this->rows('alternatives')->whereIn('question_id', $ids)->orderBy('position')->orderBy('id')->get()
            ->groupBy('question_id');
        $tasks = $this->rows('tasks')->whereIn('question_id', $ids)->orderBy('position')->orderBy('id')->get()->groupBy('question_id');
        $claims = $this->rows('rests_on')->whereIn('deciding_question_id', $ids)->whereNotNull('claim_id')->orderBy('id')->get()
            ->groupBy('deciding_question_id');

        return array_values($rows->map(static fn (stdClass $row): QuestionRow => FileRows::question($row,
            array_values(array_map(
                static fn (stdClass $alternative): AlternativeRow => FileRows::alternative($alternative,
                    array_values(array_map(FileRows::point(...), $points->get($alternative->id)?->all() ?? []))),
                $alternatives->get($row->id)?->all() ?? [])),
            array_values(array_map(strval(...), $claims->get($row->id)?->pluck('claim_id')->all() ?? [])),
            array_values(array_map(FileRows::task(...), $tasks->get($row->id)?->all() ?? []))))->all());
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where("{$table}.tree_id", $this->current->id());
    }
}
