<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Questions\Resources\CaseAlternative;
use App\Http\Questions\Resources\CaseLine;
use App\Http\Questions\Resources\CasePage;
use App\Http\Questions\Resources\CasePoint;
use App\Http\Questions\Resources\CitableClaim;
use App\Http\Research\SearchRows;
use App\Http\Research\TaskRows;
use App\Models\Alternative;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Placing;
use App\Models\Point;
use App\Models\Question;
use App\Models\Record;
use App\Models\RollLine;
use App\Models\Source;
use App\Trees\Claims\ClassifiedClaims;
use App\Trees\Loading\DatabaseTree;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NorthBough\Core\Evidence\WeightRule;
use NorthBough\Core\Tree\Person;

/** A case with its alternatives, and the claims that a point can rest on. */
final readonly class CasePages
{
    private const MOST_CLAIMS = 120;

    private const MOST_TASKS = 50;

    public function __construct(private DatabaseTree $tree, private ClassifiedClaims $classes, private TaskRows $tasks)
    {
    }

    public function of(Question $question): CasePage
    {
        $alternatives = Alternative::query()->where('question_id', $question->id)->orderBy('position')->orderBy('id')->get();
        $points = Point::query()->where('question_id', $question->id)->orderByDesc('is_for')->orderBy('position')->get()
            ->groupBy('alternative_id');
        $people = $this->tree->lives(self::concerned($question, $alternatives));
        $line = $question->roll_line_id === null ? null : RollLine::query()->findOrFail($question->roll_line_id);
        $citable = $this->citable(array_keys($people), $line, array_values(array_filter($points->flatten()->pluck('claim_id')->all())));
        $named = static fn (?string $id) => isset($people[$id ?? '']) ? SearchRows::named($people[$id ?? '']) : null;

        return new CasePage(
            $question->id, $question->version, self::asked($question, $people, $line), $question->kind, $question->aspect, $question->state,
            $question->reason, $question->decision, $question->reopened_by,
            $named($question->person_id), $named($question->other_person_id), $line === null ? null : self::line($line),
            array_values($alternatives->map(
                fn (Alternative $alternative): CaseAlternative => new CaseAlternative($alternative->id, $alternative->title,
                    $named($alternative->person_id),
                    $alternative->outcome !== '' && $question->state !== 'open',
                    array_values(($points->get($alternative->id) ?? collect())
                        ->map(static fn (Point $point): CasePoint => self::point($point, $citable))->all())))->all()),
            array_values(array_map(static fn (array $claim): CitableClaim => $claim[0], $citable)),
            $this->tasks->of(['question_id' => $question->id], self::MOST_TASKS),
        );
    }

    public function sentence(Question $question): string
    {
        $alternatives = Alternative::query()->where('question_id', $question->id)->get();

        return self::asked($question, $this->tree->lives(self::concerned($question, $alternatives)),
            $question->roll_line_id === null ? null : RollLine::query()->findOrFail($question->roll_line_id));
    }

    /**
     * @param  Collection<int, Alternative>  $alternatives
     * @return list<string>
     */
    public static function concerned(Question $question, Collection $alternatives): array
    {
        return array_values(
            array_unique(array_filter([$question->person_id, $question->other_person_id, ...$alternatives->pluck('person_id')->all()])));
    }

    /** @param  array<string, Person>  $people */
    public static function asked(Question $question, array $people, ?RollLine $line): string
    {
        $name = static fn (?string $id): string => ($people[$id ?? ''] ?? null)?->name()->shown() ?? '?';

        return match ($question->aspect) {
            'line' => 'Who is '.($line === null ? '?' : "“{$line->name_typed}”").'?',
            'same' => "Are {$name($question->person_id)} and {$name($question->other_person_id)} one person?",
            'mother', 'father' => "Who was the {$question->aspect} of {$name($question->person_id)}?",
            default => "Who were the parents of {$name($question->person_id)}?",
        };
    }

    private static function line(RollLine $line): CaseLine
    {
        $record = Record::query()->findOrFail($line->record_id);
        $says = array_filter($line->columns, static fn (string $value): bool => trim($value) !== '');

        return new CaseLine($record->id, $line->name_typed,
            trim(Source::query()->findOrFail($record->source_id)->title.', '.$record->locator, ', '), $record->date->shown,
            implode(', ', $says));
    }

    /** @param  array<string, array{CitableClaim, string}>  $citable */
    private static function point(Point $point, array $citable): CasePoint
    {
        [$claim, $recordId] = $citable[$point->claim_id ?? ''] ?? [null, ''];

        return new CasePoint($point->id, $point->is_for, $point->text, $claim->weight ?? $point->weight, $point->claim_id ?? '',
            $claim->words ?? '', $recordId);
    }

    /**
     * @param  list<string>  $personIds
     * @param  list<string>  $claimIds  that are cited already
     * @return array<string, array{CitableClaim, string}> with its record, by claim
     */
    private function citable(array $personIds, ?RollLine $line, array $claimIds): array
    {
        $lines = Placing::query()->whereIn('person_id', $personIds)->select('roll_line_id');
        $claims = Claim::query()
            ->where(static fn (Builder $any) => $any->whereIn('event_id', Event::query()->whereIn('person_id', $personIds)->select('id'))
                ->orWhereIn('roll_line_id', $lines)
                ->orWhereIn('roll_line_id', $line === null ? [] : [$line->id])->orWhereIn('id', $claimIds))->orderBy('record_id')
            ->orderBy('id')
            ->limit(self::MOST_CLAIMS)->get();
        [$records, $sources] = ClassifiedClaims::standIn($claims);
        $facts = Event::query()->whereIn('id', $claims->pluck('event_id')->filter())->get()->keyBy('id')->all();
        $classed = $this->classes->of($claims, $records, $sources, $facts);
        $citable = [];
        foreach ($claims as $claim) {
            $fact = $facts[$claim->event_id ?? ''] ?? null;
            $stated = $fact === null ? ($claim->aspect === '' ? 'name' : $claim->aspect) : $fact->inWords();
            $record = $records[$claim->record_id] ?? null;
            $where = trim((($sources[$record->source_id ?? ''] ?? null)->title ?? '').', '.($record->locator ?? ''), ', ');
            $citable[$claim->id] = [
                new CitableClaim($claim->id, "{$where}: {$stated}".($claim->words === '' ? '' : " “{$claim->words}”"),
                    WeightRule::of($classed[$claim->id])->weight->value), $claim->record_id];
        }

        return $citable;
    }
}
