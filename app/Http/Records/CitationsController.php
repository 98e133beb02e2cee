<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Api\Delete;
use App\Http\Api\Post;
use App\Http\Inputs\CitationInput;
use App\Http\Resources\MadeResource;
use App\Http\Tree\TreesController;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Source;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Citations;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class CitationsController
{
    public function __construct(private ChangeSets $changes, private Citations $citations)
    {
    }

    #[Post('/trees/{tree}/facts/{fact}/citations', 'cite', MadeResource::class, CitationInput::class)]
    public function store(Request $request, string $tree, string $fact): JsonResponse
    {
        $input = CitationInput::from($request);
        $event = Event::query()->findOrFail($fact);
        $source = Source::query()->findOrFail($input->sourceId);
        $claim = $this->changes->run(
            new Intent(TreesController::user($request), "Cited {$source->title}"),
            fn (): Claim => $this->citations->cite('event_id', $event->id, $source, $input->locator ?? '', $input->words ?? ''),
        );

        return response()->json(new MadeResource($claim->id));
    }

    #[Delete('/trees/{tree}/claims/{claim}', 'uncite')]
    public function destroy(Request $request, string $tree, string $claim): Response
    {
        $row = Claim::query()->findOrFail($claim);
        $this->changes->run(
            new Intent(TreesController::user($request), 'Took a citation off a fact'),
            fn (Change $change) => $this->citations->uncite($change, $row),
        );

        return response()->noContent();
    }
}
