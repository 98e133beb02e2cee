<?php

declare(strict_types=1);

namespace App\Trees\Evidence\Impact;

use App\Models\Claim;
use App\Models\ClaimUse;
use App\Models\Event;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Placing;
use App\Models\Question;
use App\Models\RestsOn;
use App\Trees\Claims\ClassifiedClaims;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Evidence\Impact\Conclusion;
use NorthBough\Core\Evidence\Impact\ConclusionKind;

/**
 * Loads every conclusion that could rest on something, with all that backs it, in a fixed number of queries for each
 * step away.
 */
final class ConclusionLoader
{
    private const COLUMN = [ConclusionKind::Fact->value => 'deciding_event_id', ConclusionKind::Tie->value => 'deciding_parentage_id',
        ConclusionKind::Placing->value => 'deciding_placing_id', ConclusionKind::Decision->value => 'deciding_question_id'];

    /** @var array<string, Event> */
    public array $facts = [];

    /** @var array<string, Parentage> */
    public array $ties = [];

    /** @var array<string, Placing> */
    public array $placings = [];

    /** @var array<string, Question> decided ones */
    public array $decisions = [];

    /** @var array<string, Claim> */
    public array $claims = [];

    /** @var array<string, true> claims whose conclusions were fetched */
    private array $followed = [];

    public function __construct(private readonly ClassifiedClaims $classes)
    {
    }

    /** @param  list<string>  $claimIds */
    public function followClaims(array $claimIds): void
    {
        $claimIds = array_values(array_filter($claimIds, fn (string $id): bool => ! isset($this->followed[$id])));
        if ($claimIds === []) {
            return;
        }
        $this->followed += array_fill_keys($claimIds, true);
        $claims = Claim::query()->whereIn('id', $claimIds)->get();
        $this->hold($claims);
        $facts = Event::query()->whereIn('id', $claims->pluck('event_id')->filter()->unique())->get();
        $this->facts += $facts->keyBy('id')->all();
        $this->ties += Parentage::query()
            ->whereIn('id', ClaimUse::query()->whereIn('claim_id', $claimIds)->whereNotNull('parentage_id')->select('parentage_id'))->get()
            ->keyBy('id')->all();
        $this->followRests('claim_id', $claimIds);
        $this->followFacts($facts);
        // What was copied from one of them falls with it.
        $this->followClaims(array_values(array_map(strval(...), Claim::query()->whereIn('leans_on_id', $claimIds)->pluck('id')->all())));
    }

    /** Whatever was decided by letting one of these facts lead. */
    public function followFact(string $factId): void
    {
        $fact = Event::query()->where('id', $factId)->firstOrFail();
        $this->facts[$fact->id] = $fact;
        $this->followFacts(collect([$fact]));
    }

    public function followTie(string $parentageId): void
    {
        $this->ties[$parentageId] = Parentage::query()->where('id', $parentageId)->firstOrFail();
    }

    public function followPlacing(string $placingId): void
    {
        $this->placings[$placingId] ??= Placing::query()->where('id', $placingId)->firstOrFail();
        $this->followClaims($this->ofPlacings([$placingId]));
        $this->followRests('placing_id', [$placingId]);
    }

    public function followDecision(string $questionId): void
    {
        $this->decisions[$questionId] ??= Question::query()->where('id', $questionId)->firstOrFail();
        $this->followRests('question_id', [$questionId]);
    }

    /** @return list<Conclusion> with every claim that backs each */
    public function conclusions(): array
    {
        $this->fetchBacking();
        $uses = ClaimUse::query()->whereIn('parentage_id', array_keys($this->ties))->where('stance', 'supports')->get()
            ->groupBy('parentage_id');
        $classed = $this->classed();
        $rests = RestsOn::query()->where(function (Builder $any): void {
            foreach (self::COLUMN as $kind => $column) {
                $any->orWhereIn($column, array_keys($this->ofKind(ConclusionKind::from($kind))));
            }
        })->get();
        $conclusions = [];
        foreach (ConclusionKind::cases() as $kind) {
            foreach (array_keys($this->ofKind($kind)) as $id) {
                $own = $rests->where(self::COLUMN[$kind->value], $id);
                $claimIds = match ($kind) {
                    ConclusionKind::Fact => array_keys(
                        array_filter($this->claims, static fn (Claim $claim): bool => $claim->event_id === $id)),
                    ConclusionKind::Tie => $uses->get($id)?->pluck('claim_id')->all() ?? [],
                    ConclusionKind::Placing, ConclusionKind::Decision => $own->pluck('claim_id')->filter()->all(),
                };
                $on = [...$own->pluck('question_id')->filter()->all(), ...$own->pluck('placing_id')->filter()->all(),
                    ...$kind === ConclusionKind::Decision ? $this->leadingOf($this->decisions[$id]) : []];
                $conclusions[] = new Conclusion($kind, $id, array_values(array_intersect_key($classed, array_flip($claimIds))),
                    array_values($on));
            }
        }

        return $conclusions;
    }

    /** @return array<string, string> placing by claim, of lines whose placing was fetched */
    public function byPlacing(): array
    {
        $placingOf = [];
        foreach ($this->placings as $placing) {
            $placingOf[$placing->roll_line_id] = $placing->id;
        }
        $by = [];
        foreach ($this->claims as $claim) {
            foreach ([$claim->roll_line_id, $claim->other_line_id] as $line) {
                if ($line !== null && isset($placingOf[$line])) {
                    $by[$claim->id] = $placingOf[$line];
                }
            }
        }

        return $by;
    }

    /** @return list<string> the children of the ties that were fetched */
    public function children(): array
    {
        return array_values(ParentSet::query()
            ->whereIn('id', array_map(static fn (Parentage $tie): string => $tie->parent_set_id, $this->ties))->pluck('child_id')->unique()
            ->all());
    }

    /** @return array<string, Event|Parentage|Placing|Question> */
    private function ofKind(ConclusionKind $kind): array
    {
        return match ($kind) {
            ConclusionKind::Fact => $this->facts,
            ConclusionKind::Tie => $this->ties,
            ConclusionKind::Placing => $this->placings,
            ConclusionKind::Decision => $this->decisions,
        };
    }

    /** @param  Collection<int, Event>  $facts */
    private function followFacts(Collection $facts): void
    {
        $accepted = $facts->filter(static fn (Event $fact): bool => $fact->standing === 'accepted' && $fact->person_id !== null);
        if ($accepted->isEmpty()) {
            return;
        }
        $decided = Question::query()->where('kind', 'conflict')->where('state', 'decided')
            ->whereIn('person_id', $accepted->pluck('person_id')->unique())->get()
            ->filter(static fn (Question $question): bool => $accepted->contains(
                static fn (Event $fact): bool => $fact->person_id === $question->person_id
                    && $fact->kind === $question->aspect));
        $this->decided($decided);
    }

    /** @param  list<string>  $ids */
    private function followRests(string $ground, array $ids): void
    {
        $rests = RestsOn::query()->whereIn($ground, $ids)->get();
        $this->facts += Event::query()->whereIn('id', $rests->pluck('deciding_event_id')->filter())->get()->keyBy('id')->all();
        $this->ties += Parentage::query()->whereIn('id', $rests->pluck('deciding_parentage_id')->filter())->get()->keyBy('id')->all();
        $this->decided(Question::query()->whereIn('id', $rests->pluck('deciding_question_id')->filter())->where('state', '<>', 'open')
            ->where('state', '<>', 'unresolved')->get());
        foreach ($rests->pluck('deciding_placing_id')->filter()->unique() as $placingId) {
            if (! isset($this->placings[$placingId])) {
                $this->followPlacing((string) $placingId);
            }
        }
    }

    /** @param  Collection<int, Question>  $questions */
    private function decided(Collection $questions): void
    {
        foreach ($questions as $question) {
            if (! isset($this->decisions[$question->id])) {
                $this->decisions[$question->id] = $question;
                $this->followRests('question_id', [$question->id]);
            }
        }
    }

    /**
     * @param  list<string>  $placingIds
     * @return list<string> claims of their lines
     */
    private function ofPlacings(array $placingIds): array
    {
        $lines = Placing::query()->whereIn('id', $placingIds)->select('roll_line_id');

        return array_values(Claim::query()
            ->where(static fn (Builder $either) => $either->whereIn('roll_line_id', $lines)->orWhereIn('other_line_id', $lines))
            ->pluck('id')->all());
    }

    private function fetchBacking(): void
    {
        $ofTies = ClaimUse::query()->whereIn('parentage_id', array_keys($this->ties))->pluck('claim_id')->all();
        $this->hold(Claim::query()
            ->where(fn (Builder $either) => $either->whereIn('event_id', array_keys($this->facts))->orWhereIn('id', $ofTies)
                ->orWhereIn('id', RestsOn::query()->whereIn('deciding_question_id', array_keys($this->decisions))->whereNotNull('claim_id')
                    ->select('claim_id')))->get());
    }

    /** @param  Collection<int, Claim>  $claims */
    private function hold(Collection $claims): void
    {
        foreach ($claims as $claim) {
            if ($claim->withdrawn === '') {
                $this->claims[$claim->id] = $claim;
            }
        }
    }

    /** @return array<string, ClassifiedClaim> by id */
    private function classed(): array
    {
        $claims = collect(array_values($this->claims));
        [$records, $sources] = ClassifiedClaims::standIn($claims);

        return $this->classes->of($claims, $records, $sources, $this->facts);
    }

    /** @return list<string> the fact that a decision let lead, where it is among those fetched */
    private function leadingOf(Question $question): array
    {
        return array_values(array_map(static fn (Event $fact): string => $fact->id, array_filter($this->facts,
            static fn (Event $fact): bool => $question->kind === 'conflict' && $fact->standing === 'accepted'
                && $fact->person_id === $question->person_id && $fact->kind === $question->aspect)));
    }
}
