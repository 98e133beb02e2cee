<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\People\Resources\EntryOffer;
use App\Http\People\Resources\EntryOffers;
use App\Trees\Access\LivingPeople;
use App\Trees\Scope\CurrentTree;
use App\Trees\Search\OwnVariants;
use App\Trees\Search\PeopleSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Linkage\EntryComparison;
use NorthBough\Core\Linkage\MatchOffer;
use NorthBough\Core\Linkage\ProbabilityWords;
use NorthBough\Core\Tree\Person;

/** People of the tree who may be the one that is being typed, while it is typed. */
final readonly class EntryOffersController
{
    private const LOOKED_AT = 24;

    private const SHOWN = 5;

    public function __construct(private CurrentTree $current, private LivingPeople $living, private PeopleSearch $search)
    {
    }

    /** A bare number is that person; else the beginnings of the names, with the days typed, decide. */
    #[Get('/trees/{tree}/reading/relative', 'offerRelatives', EntryOffers::class, query: ['line', 'of', 'relation'])]
    public function index(Request $request): JsonResponse
    {
        $line = trim(mb_substr($request->string('line')->toString(), 0, 1000));
        $entry = OneLineEntry::parse($line);
        $isNumber = preg_match('/^#?\d+$/', $line) === 1;
        $ids = array_column(
            $this->search->nearest($isNumber ? $line : $entry->name->given.' '.$entry->name->wholeSurname(), self::LOOKED_AT), 'personId');
        $ofId = Str::isUuid($request->string('of')->toString()) ? $request->string('of')->toString() : '';
        $people = $this->living->view()->lives(array_values(array_unique(array_filter([...$ids, $ofId]))));
        $of = $people[$ofId] ?? null;
        $relation = $request->string('relation')->toString();
        $near = $ofId === '' ? [] : $this->tied($ofId);
        $candidates = array_values(
            array_filter(array_map(static fn (string $id): ?Person => $people[$id] ?? null, $ids),
                static fn (?Person $person): bool => $person !== null && $person->id !== $ofId));
        $offers = $isNumber
            ? array_map(static fn (Person $person): MatchOffer => new MatchOffer($person->id, 1.0, []), $candidates)
            : EntryComparison::rank($entry, $relation, $of, $candidates, OwnVariants::of($this->current));

        return response()->json(new EntryOffers(array_map(static fn (MatchOffer $offer): EntryOffer => new EntryOffer(
            $offer->personId, $people[$offer->personId]->number, $people[$offer->personId]->name()->shown(),
            LifeYears::shown($people[$offer->personId]),
            $isNumber ? '' : ProbabilityWords::of($offer->odds),
            isset($near[$offer->personId]) ? "Is {$near[$offer->personId]} already." : implode(' ', $offer->grounds),
            ! isset($near[$offer->personId]),
        ), array_slice($offers, 0, self::SHOWN))));
    }

    /** @return array<string, string> who is tied to somebody, and as what */
    private function tied(string $id): array
    {
        $tied = [];
        foreach ($this->living->view()->parentSets([$id])[$id] ?? [] as $set) {
            $tied += array_fill_keys(array_map(static fn ($parent): string => $parent->personId, $set->whoStand()), 'a parent');
        }
        foreach ($this->living->view()->unionsOf([$id])[$id] ?? [] as $union) {
            $tied += array_fill_keys($union->partnersOf($id), 'a partner') + array_fill_keys($union->childIds, 'a child');
        }

        return $tied;
    }
}
