<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Questions\Resources\ImpactEffect;
use App\Http\Questions\Resources\ImpactPage;
use App\Http\Questions\Resources\MovedWindow;
use App\Http\Questions\Resources\QuestionFact;
use App\Models\Claim;
use App\Models\Event as Fact;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Placing;
use App\Models\Question;
use App\Models\Record;
use App\Models\RollLine;
use App\Models\Source;
use App\Models\UnionPartner;
use App\Trees\Derived\Window\Windows;
use App\Trees\Evidence\Impact\ConclusionLoader;
use App\Trees\Evidence\Impact\ImpactPreview;
use App\Trees\Evidence\Impact\ImpactTarget;
use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Chrono\SpanWords;
use NorthBough\Core\Claim\WeightGrade;
use NorthBough\Core\Evidence\Impact\Conclusion;
use NorthBough\Core\Evidence\Impact\ConclusionKind;
use NorthBough\Core\Evidence\Impact\Effect;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Person;

/** What was foretold, in words, with the people whom it touches. */
final readonly class ImpactPages
{
    /** Windows are worked out around so many people, those first whose facts fall. */
    private const WINDOWS_AROUND = 8;

    private const MOST_WINDOWS = 24;

    public function __construct(private DatabaseTree $tree, private Windows $windows)
    {
    }

    public function of(ImpactTarget $impactTarget, string $id, ImpactPreview $preview): ImpactPage
    {
        $owners = $this->owners($preview->grounds);
        $people = $this->tree->lives(array_values(array_unique(array_merge(...array_values($owners), ...[[]]))));
        $then = $preview->tree($this->tree)->lives(array_keys($people));
        $effects = array_map(
            fn (Effect $effect): ImpactEffect => $this->effect($effect, $preview->grounds, $owners[$effect->conclusion->id] ?? [],
                $people, $then),
            $preview->impact->effects);
        $touched = array_unique(
            array_merge([],
                ...array_map(static fn (Effect $effect): array => $owners[$effect->conclusion->id] ?? [], $preview->impact->effects)));

        return new ImpactPage('Suppose that '.$this->called($impactTarget, $id).' is false.', $preview->mark(),
            count($preview->impact->void), count($touched), $effects, $this->moved($preview, $owners),
            array_values(Fact::query()->whereIn('id', $preview->unweighed)->where('standing', '<>', 'unweighed')->orderBy('position')->get()
                ->map(QuestionFact::of(...))->all()));
    }

    /** What is supposed, as a sentence names it. */
    public function called(ImpactTarget $impactTarget, string $id): string
    {
        return match ($impactTarget) {
            ImpactTarget::Claim => 'what '.$this->record(Claim::query()->findOrFail($id)->record_id).' says',
            ImpactTarget::Record => 'what '.$this->record($id).' says',
            ImpactTarget::Source => 'what “'.Source::query()->findOrFail($id)->title.'” says',
            ImpactTarget::Fact => 'the '.Fact::query()->findOrFail($id)->inWords(),
            ImpactTarget::Tie => $this->tieWords(Parentage::query()->findOrFail($id)),
            ImpactTarget::Placing => $this->placingWords(Placing::query()->findOrFail($id)),
            ImpactTarget::Decision => 'the answer to “'.$this->question(Question::query()->findOrFail($id)).'”',
        };
    }

    /**
     * @param  list<string>  $owners
     * @param  array<string, Person>  $people
     * @param  array<string, Person>  $then
     */
    private function effect(Effect $effect, ConclusionLoader $grounds, array $owners, array $people, array $then): ImpactEffect
    {
        $id = $effect->conclusion->id;
        $words = match ($effect->conclusion->kind) {
            ConclusionKind::Fact => ucfirst($grounds->facts[$id]->inWords()),
            ConclusionKind::Tie => self::parentWords($people, $owners),
            ConclusionKind::Placing => ucfirst($this->placingWords($grounds->placings[$id])),
            ConclusionKind::Decision => QuestionPages::sentence($grounds->decisions[$id],
                $people[$grounds->decisions[$id]->person_id ?? ''] ?? null),
        };
        $owner = $owners[0] ?? '';
        $weights = static fn (array $originWeights): array => array_values(
            array_map(static fn (WeightGrade $weight): string => $weight->value, $originWeights));

        return new ImpactEffect($effect->conclusion->kind->value, $id, $effect->outcome->value, $words,
            $this->instead($effect->conclusion, $grounds, $then[$owner] ?? null), $owner,
            implode(' and ', array_map(static fn (string $owner): string => ($people[$owner] ?? null)?->name()->shown() ?? '', $owners)),
            $weights($effect->before), $weights($effect->after));
    }

    /** What leads when a fact of which there can be one only has fallen. */
    private function instead(Conclusion $conclusion, ConclusionLoader $grounds, ?Person $then): string
    {
        $fact = $conclusion->kind === ConclusionKind::Fact ? $grounds->facts[$conclusion->id] : null;
        if ($fact === null || $then === null || ! EventKinds::named($fact->kind)->single) {
            return '';
        }
        $leading = Event::leadingOf($then->events, $fact->kind);

        return $leading === null ? 'Then none is told.' : ($leading->id === $fact->id ? '' : "Then {$leading->date->shown} leads.");
    }

    /**
     * @param  array<string, list<string>>  $owners
     * @return list<MovedWindow>
     */
    private function moved(ImpactPreview $preview, array $owners): array
    {
        $gone = array_merge($preview->impact->gone(ConclusionKind::Fact), $preview->impact->gone(ConclusionKind::Tie),
            $preview->unweighed === [] ? [] : $preview->impact->gone(ConclusionKind::Decision));
        $around = array_slice(
            array_values(array_unique(array_merge([], ...array_map(static fn (string $id): array => $owners[$id] ?? [], $gone)))), 0,
            self::WINDOWS_AROUND);
        $tree = $preview->tree($this->tree);
        $touched = [];
        foreach ($around as $personId) {
            [$now, $people] = $this->windows->around($personId);
            [$then] = $this->windows->around($personId, $tree);
            $touched += array_filter($people, static fn (Person $person): bool => $now->of($person->id) != $then->of($person->id));
        }
        $moved = [];
        // Seen from each of them, so that it is the window that stands on their own page.
        foreach (array_slice($touched, 0, self::MOST_WINDOWS, true) as $id => $person) {
            [$before, $after] = [$this->windows->around((string) $id)[0]->of((string) $id),
                $this->windows->around((string) $id, $tree)[0]->of((string) $id)];
            foreach (['born' => [$before->bornCertain, $after->bornCertain],
                'died' => [$before->diedCertain, $after->diedCertain]] as $vital => [$spanBefore, $spanAfter]) {
                if ($spanBefore != $spanAfter) {
                    $moved[] = new MovedWindow((string) $id, $person->name()->shown(), $vital, SpanWords::of($spanBefore),
                        SpanWords::of($spanAfter));
                }
            }
        }

        return $moved;
    }

    /** @return array<string, list<string>> people by conclusion */
    private function owners(ConclusionLoader $grounds): array
    {
        $partners = UnionPartner::query()
            ->whereIn('union_id', array_filter(array_map(static fn (Fact $fact): ?string => $fact->union_id, $grounds->facts)))
            ->orderBy('slot')->get()->groupBy('union_id');
        $children = ParentSet::query()->whereIn('id', array_map(static fn (Parentage $tie): string => $tie->parent_set_id, $grounds->ties))
            ->pluck('child_id', 'id')->all();

        return array_map(static fn (Fact $fact): array => $fact->person_id !== null ? [$fact->person_id]
            : array_values($partners->get((string) $fact->union_id)?->pluck('person_id')->all() ?? []), $grounds->facts)
            + array_map(static fn (Parentage $tie): array => [$children[$tie->parent_set_id], $tie->person_id], $grounds->ties)
            + array_map(static fn (Placing $placing): array => array_values(array_filter([$placing->person_id])), $grounds->placings)
            + array_map(static fn (Question $question): array => array_values(array_filter([$question->person_id])), $grounds->decisions);
    }

    private function tieWords(Parentage $tie): string
    {
        $child = ParentSet::query()->findOrFail($tie->parent_set_id)->child_id;

        return self::parentWords($this->tree->lives([$child, $tie->person_id]), [$child, $tie->person_id]);
    }

    /**
     * @param  array<string, Person>  $people
     * @param  list<string>  $owners  child and parent
     */
    private static function parentWords(array $people, array $owners): string
    {
        [$child, $parent] = array_map(static fn (string $id): string => ($people[$id] ?? null)?->name()->shown() ?? '?',
            $owners + ['', '']);

        return "{$parent} as a parent of {$child}";
    }

    private function placingWords(Placing $placing): string
    {
        $line = RollLine::query()->findOrFail($placing->roll_line_id);
        $person = $this->tree->lives([(string) $placing->person_id])[(string) $placing->person_id] ?? null;

        return "that “{$line->name_typed}” on ".$this->record($line->record_id).' is '.($person?->name()->shown() ?? '?');
    }

    private function question(Question $question): string
    {
        return QuestionPages::sentence($question,
            $this->tree->lives([(string) $question->person_id])[(string) $question->person_id] ?? null);
    }

    private function record(string $recordId): string
    {
        $record = Record::query()->findOrFail($recordId);
        $source = Source::query()->findOrFail($record->source_id);

        return "“{$source->title}”".($record->locator === '' ? '' : ", {$record->locator},");
    }
}
