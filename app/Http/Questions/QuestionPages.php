<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Questions\Resources\CandidateDateResource;
use App\Http\Questions\Resources\QuestionFact;
use App\Http\Questions\Resources\QuestionPage;
use App\Http\Questions\Resources\QuestionsPage;
use App\Http\Questions\Resources\WeighingRow;
use App\Http\Questions\Resources\YearMark;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Person as PersonRow;
use App\Models\Question;
use App\Trees\Evidence\Questions;
use App\Trees\Evidence\StatedSex;
use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\CandidateDate;
use NorthBough\Core\Evidence\CandidateDates;
use NorthBough\Core\Evidence\ProofSummaryText;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Person;

/** Questions in a list, and one with its weighing. */
final readonly class QuestionPages
{
    private const MOST = 200;

    public function __construct(
        private Questions $questions,
        private WeighingRows $rows,
        private DatabaseTree $tree,
        private CaseLines $lines,
    ) {
    }

    public function index(): QuestionsPage
    {
        /** @var \Illuminate\Database\Eloquent\Collection<int, Question> $rows */
        $rows = Question::query()->orderByRaw("state IN ('decided', 'proved', 'ruled out'), id DESC")->limit(self::MOST)->get();

        return new QuestionsPage($this->lines->of($rows), Question::query()->where('state', 'open')->count(), Question::query()->count());
    }

    /** The proof summary of a decision: as it follows from the weighing, or as somebody wrote it. */
    public static function summary(Question $question, QuestionPage $page): string
    {
        return $question->summary !== '' ? $question->summary
            : ProofSummaryText::of($page->sentence, array_map(static fn (WeighingRow $row): array => [
                'told' => $row->told, 'note' => trim(implode('', array_map(static fn ($words): string => $words->text, $row->note)), '. '),
                'weight' => $row->weight, 'standing' => $row->standing, 'origin' => $row->origin,
            ], $page->rows), $page->decision, $page->reason);
    }

    public function one(Question $question): QuestionPage
    {
        $person = $this->tree->lives([(string) $question->person_id])[$question->person_id ?? ''] ?? null;
        $isOfSex = $question->aspect === 'sex';
        $facts = $isOfSex ? StatedSex::sides(PersonRow::query()->where('id', $question->person_id)->firstOrFail())
            : $this->questions->facts($question);
        $rows = $this->rows->among($facts, $isOfSex ? StatedSex::claims((string) $question->person_id) : Claim::query()
            ->whereIn('event_id', array_keys($facts))->orderBy('ordinal')->orderBy('id')->get());
        $candidates = CandidateDates::among(array_map(static fn (array $row): GenDate => $row[1], $rows));

        return new QuestionPage(
            $question->id, $question->version, self::sentence($question, $person), $question->aspect, $question->state,
            (string) $question->person_id,
            $person?->name()->shown() ?? '?', $person === null ? '' : LifeYears::shown($person), $question->title, $question->decision,
            $question->reason, $question->reopened_by, $question->summary,
            array_map(static fn (array $row): WeighingRow => $row[0], $rows),
            array_values(array_map(QuestionFact::of(...), $facts)),
            array_map(static fn (CandidateDate $candidate): CandidateDateResource => self::stop($candidate, $facts,
                array_map(static fn (array $row): WeighingRow => $row[0], $rows)), $candidates),
            self::axis($candidates), $isOfSex ? ['The words for this person’s kin follow from it.'] : $this->elsewhere($person),
            $this->parents($question),
        );
    }

    /** @return list<string> those who are told to be it, where it is asked who the mother or father was by birth */
    private function parents(Question $question): array
    {
        $sex = match ($question->aspect) {
            'mother' => Sex::Female,
            'father' => Sex::Male,
            default => null,
        };
        $spans = [];
        foreach ($sex === null ? [] : $this->tree->parentSets([(string) $question->person_id])[$question->person_id ?? ''] ?? [] as $set) {
            foreach ($set->parents as $tie) {
                $spans[$tie->personId] = $tie->kind === ParentageKind::Birth;
            }
        }

        return array_map(strval(...),
            array_keys(array_filter($this->tree->lives(array_map(strval(...), array_keys(array_filter($spans)))),
                static fn (Person $parent): bool => $parent->sex === $sex)));
    }

    public static function sentence(Question $question, ?Person $person): string
    {
        $name = $person?->name()->shown() ?? '?';
        $word = mb_strtolower(EventKinds::all()[$question->aspect]->word ?? $question->aspect);

        return match ($question->aspect) {
            'birth' => "When was {$name} born?",
            'death' => "When did {$name} die?",
            'mother', 'father' => "Who was the {$question->aspect} of {$name}?",
            'sex' => "Was {$name} a man or a woman?",
            'presence' => "Where was {$name} that day?",
            default => "Did the {$word} of {$name} happen?",
        };
    }

    /**
     * @param  array<string, Event>  $facts
     * @param  list<WeighingRow>  $rows
     */
    private static function stop(CandidateDate $candidate, array $facts, array $rows): CandidateDateResource
    {
        $fact = array_filter($facts, static fn (Event $fact): bool => $fact->date->typed === $candidate->date->typed);
        $letters = implode('', array_map(static fn (Verdict $verdict): string => match ($verdict) {
            Verdict::Same, Verdict::Fits => 'f',
            Verdict::Strains => 's',
            Verdict::Contradicts => 'c',
            Verdict::Incomparable => '.',
        }, $candidate->verdicts));

        return new CandidateDateResource($candidate->date->typed, $candidate->date->shown, $candidate->date->span()->earliest ?? 0,
            $candidate->date->span()->latest ?? 0, $letters, array_key_first($fact) ?? '', self::reason($candidate, $rows));
    }

    /**
     * A reason to begin with, in the words of the rows.
     *
     * @param  list<WeighingRow>  $rows
     */
    private static function reason(CandidateDate $candidate, array $rows): string
    {
        $by = ['fits' => [], 'strains' => [], 'contradicts' => []];
        foreach ($rows as $at => $row) {
            $note = trim(implode('', array_map(static fn ($words): string => $words->text, $row->note)), '. ');
            $word = match ($candidate->verdicts[$at]) {
                Verdict::Same, Verdict::Fits => 'fits',
                Verdict::Strains => 'strains',
                Verdict::Contradicts => 'contradicts',
                Verdict::Incomparable => '',
            };
            if ($word !== '' && $note !== '') {
                $by[$word][] = $note.($row->weight === '' ? '' : " ({$row->weight})");
            }
        }
        $parts = array_filter([
            $by['fits'] === [] ? '' : "{$candidate->date->shown} is told by ".self::listed($by['fits']).'.',
            $by['strains'] === [] ? '' : ucfirst(self::listed($by['strains'])).' can hardly be right beside it.',
            $by['contradicts'] === [] ? '' : ucfirst(self::listed($by['contradicts'])).' cannot be true with it.',
        ]);

        return implode(' ', $parts);
    }

    /** @param  non-empty-list<string>  $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? $last : implode('; ', $names)." and {$last}";
    }

    /**
     * @param  list<CandidateDate>  $candidates
     * @return list<YearMark>
     */
    private static function axis(array $candidates): array
    {
        $days = [];
        foreach ($candidates as $candidate) {
            $span = $candidate->date->span();
            array_push($days, ...array_filter([$span?->earliest, $span?->latest], static fn (?int $day): bool => $day !== null));
        }
        if ($days === []) {
            return [];
        }
        $calendar = Calendars::gregorian();
        [$first, $last] = [$calendar->fromDay(min($days))[0], $calendar->fromDay(max($days))[0] + 1];
        $step = max(1, (int) ceil(($last - $first) / 12));
        $marks = [];
        for ($year = $first; $year <= $last; $year += $step) {
            $marks[] = new YearMark($calendar->toDay($year, 1, 1), (string) $year);
        }

        return $marks;
    }

    /** @return list<string> what a decision changes elsewhere */
    private function elsewhere(?Person $person): array
    {
        if ($person === null) {
            return [];
        }
        $children = array_sum(
            array_map(static fn ($union): int => count($union->childrenOf($person->id)),
                $this->tree->unionsOf([$person->id])[$person->id] ?? []));
        $facts = count($person->events);

        return array_values(array_filter([
            $facts > 1 ? "The age at {$facts} facts of this life is counted from it." : '',
            $children === 0 ? ''
                : ($children === 1 ? 'The age at the birth of one child follows.'
                    : "The age at the births of {$children} children follows."),
        ]));
    }
}
