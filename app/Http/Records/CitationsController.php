<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Counted;
use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Records\Inputs\CitationInput;
use App\Http\Records\Inputs\PeopleInput;
use App\Http\Records\Resources\CitedFactList;
use App\Http\Records\Resources\ShareOffer;
use App\Http\Records\Resources\ShareOffers;
use App\Http\Tree\TreesController;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Record;
use App\Models\Source;
use App\Trees\Access\OpenRecords;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Citations;
use App\Trees\Editing\SharedCitations;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Life\LifeYears;

final readonly class CitationsController
{
    public function __construct(private ChangeSets $changes, private Citations $citations)
    {
    }

    /** What a record supports already, of all its lines. */
    #[Get('/trees/{tree}/records/{record}/claims', 'claimsOfRecord', CitedFactList::class)]
    public function ofRecord(CitedFacts $cited, OpenRecords $openness, string $tree, string $record): JsonResponse
    {
        $row = Record::query()->findOrFail($record);
        $openness->refuseClosed($row);

        return response()->json(new CitedFactList($cited->of([$row->id])[$row->id] ?? []));
    }

    #[Post('/trees/{tree}/facts/{fact}/citations', 'cite', CreatedResource::class, CitationInput::class)]
    public function store(Request $request, string $tree, string $fact): JsonResponse
    {
        $input = CitationInput::from($request);
        $event = Event::query()->findOrFail($fact);
        $source = Source::query()->findOrFail($input->sourceId);
        $claim = $this->changes->run(
            new Intent(TreesController::user($request), "Cited {$source->title}"),
            fn (): Claim => $this->citations->cite('event_id', $event->id, $source, $input->locator ?? '', $input->words ?? ''),
            $event, $source,
        );

        return response()->json(new CreatedResource($claim->id));
    }

    /** Who of the family has the same event, or may get it, with this citation. */
    #[Get('/trees/{tree}/claims/{claim}/others', 'othersToCite', ShareOffers::class)]
    public function others(SharedCitations $shared, string $tree, string $claim): JsonResponse
    {
        return response()->json(new ShareOffers(array_map(static fn (array $offer): ShareOffer => new ShareOffer(
            $offer['person']->id, $offer['person']->name()->shown(), LifeYears::shown($offer['person']),
            $offer['fact'] === null ? '' : implode(', ', array_filter([$offer['fact']->date->shown, $offer['fact']->place])),
            $offer['isCited'],
        ), $shared->among(Claim::query()->findOrFail($claim)))));
    }

    #[Post('/trees/{tree}/claims/{claim}/others', 'citeOthers', CreatedResource::class, PeopleInput::class)]
    public function share(Request $request, SharedCitations $shared, string $tree, string $claim): JsonResponse
    {
        $people = PeopleInput::from($request)->people;
        $row = Claim::query()->findOrFail($claim);
        $this->changes->run(
            new Intent(TreesController::user($request),
                'Put a citation on the same event of '.Counted::of(count($people), 'more person', 'more people')),
            static fn (): int => $shared->put($row, $people),
            $row,
        );

        return response()->json(new CreatedResource($claim));
    }

    #[Delete('/trees/{tree}/claims/{claim}', 'uncite')]
    public function destroy(Request $request, string $tree, string $claim): Response
    {
        $row = Claim::query()->findOrFail($claim);
        $this->changes->run(
            new Intent(TreesController::user($request), 'Removed a citation from a fact'),
            fn (Change $change) => $this->citations->uncite($change, $row),
            $row,
        );

        return response()->noContent();
    }
}
