<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Api\CreatedResource;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\ConfirmedSave;
use App\Http\Interpretation\Inputs\DatingSettingInput;
use App\Http\Records\Inputs\SourceInput;
use App\Http\Records\Resources\SourcePage;
use App\Http\Records\Resources\SourcesPage;
use App\Http\Tree\TreesController;
use App\Models\Source;
use App\Refusal;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Citations;
use App\Trees\Editing\DuplicateEntry;
use App\Trees\Joins\Joined;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class SourcesController
{
    public function __construct(
        private ChangeSets $changes,
        private Citations $citations,
        private SourcePages $pages,
        private DuplicateEntry $doubled,
        private Joined $joined,
    ) {
    }

    #[Get('/trees/{tree}/sources', 'sources', SourcesPage::class, query: ['q', 'after'])]
    public function index(Request $request): JsonResponse
    {
        return response()->json($this->pages->index($request->string('q')->toString(), $request->string('after')->toString()));
    }

    #[Get('/trees/{tree}/sources/{source}', 'source', SourcePage::class)]
    public function show(string $tree, string $source): JsonResponse
    {
        return response()->json($this->pages->one(Source::query()->findOrFail($this->joined->resolve($source))));
    }

    #[Post('/trees/{tree}/sources', 'describeSource', CreatedResource::class, SourceInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = SourceInput::from($request);
        if (! ConfirmedSave::isSaid($request)) {
            $this->doubled->refuseSource($input->title ?? '');
        }
        $source = $this->changes->run(
            new Intent(TreesController::user($request), trim("Described the source {$input->title}")),
            fn (): Source => $this->citations->describe(self::fields($input)),
        );

        return response()->json(new CreatedResource($source->id));
    }

    #[Patch('/trees/{tree}/sources/{source}', 'changeSource', CreatedResource::class, SourceInput::class)]
    public function update(Request $request, string $tree, string $source): JsonResponse
    {
        $input = SourceInput::from($request);
        $version = $input->version ?? throw new Refusal('Say which version of the source you changed.');
        $this->changes->run(
            new Intent(TreesController::user($request), trim("Changed the source {$input->title}")),
            function () use ($source, $input, $version): void {
                $row = Source::query()->findOrFail($source);
                ChangedMeanwhile::unless($row, $version, array_diff_key(self::fields($input), ['kind' => 0, 'fields' => 0]));
                $this->citations->change($row, self::fields($input));
            },
        );

        return response()->json(new CreatedResource($source));
    }

    #[Put('/trees/{tree}/sources/{source}/reckoning', 'reckonSource', CreatedResource::class, DatingSettingInput::class)]
    public function reckon(Request $request, string $tree, string $source): JsonResponse
    {
        $setting = DatingSettingInput::from($request)->setting();
        $title = Source::query()->findOrFail($source)->title;
        $this->changes->run(new Intent(TreesController::user($request), "Said how {$title} writes its dates"),
            fn (): int => $this->citations->reckon(Source::query()->findOrFail($source), $setting));

        return response()->json(new CreatedResource($source));
    }

    /**
     * @return array{title: string, author: string, publication: string, callNumber: string, repository: string,
     *     kind: string, fields: array<string, string>, listName: string}
     */
    private static function fields(SourceInput $input): array
    {
        return ['title' => $input->title ?? '', 'author' => $input->author ?? '', 'publication' => $input->publication ?? '',
            'callNumber' => $input->callNumber ?? '', 'repository' => $input->repository ?? '',
            'kind' => $input->kind ?? '', 'fields' => array_map(strval(...), $input->fields ?? []), 'listName' => $input->listName ?? ''];
    }
}
