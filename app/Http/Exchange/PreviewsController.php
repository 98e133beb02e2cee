<?php

declare(strict_types=1);

namespace App\Http\Exchange;

use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Exchange\Inputs\FilePreviewInput;
use App\Http\Exchange\Resources\FilePeople;
use App\Http\Exchange\Resources\FilePerson;
use App\Http\Exchange\Resources\RunResource;
use App\Http\Tree\TreesController;
use App\Jobs\PreviewUpload;
use App\Models\Run;
use App\Refusal;
use App\Trees\Exchange\LostRuns;
use App\Trees\Exchange\PeopleInFile;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;

/** A file looked at before it is brought in. */
final readonly class PreviewsController
{
    public function __construct(private CurrentTree $current)
    {
    }

    #[Post('/trees/{tree}/exchange/previews', 'previewFile', RunResource::class, FilePreviewInput::class)]
    public function store(Request $request): JsonResponse
    {
        $upload = UploadsController::own($request, FilePreviewInput::from($request)->uploadId);
        if ($upload->received !== $upload->size) {
            throw new Refusal('The file has not come in whole yet.', 409);
        }
        $run = LostRuns::begin($this->current->id(), TreesController::user($request), 'look', $upload->name,
            'A file is being looked at already. Wait until that is done, or cancel it.',
            static fn (): array => ['path' => $upload->path(), 'name' => $upload->name]);
        PreviewUpload::dispatch($run->id);
        $upload->delete();

        return response()->json(ExchangeController::run($run->refresh()));
    }

    /** The file is left: nothing of it was brought in. */
    #[Delete('/trees/{tree}/exchange/previews/{run}', 'leaveFile')]
    public function destroy(Request $request, string $tree, string $run): Response
    {
        $row = self::looked($this->current->id(), TreesController::user($request)->id, $run);
        File::delete([(string) $row->asked['path'], "{$row->asked['path']}.people"]);
        $row->delete();

        return response()->noContent();
    }

    /** People of the file, to choose one whose kin come in. */
    #[Get('/trees/{tree}/exchange/previews/{run}/people', 'peopleOfFile', FilePeople::class, query: ['q'])]
    public function people(Request $request, string $tree, string $run): JsonResponse
    {
        $row = self::looked($this->current->id(), TreesController::user($request)->id, $run);
        $found = PeopleInFile::found("{$row->asked['path']}.people", mb_substr($request->string('q')->toString(), 0, 100));

        return response()->json(new FilePeople(array_map(static fn (array $person): FilePerson => new FilePerson(...$person), $found)));
    }

    /** @throws Refusal where somebody else handed it in, or it is not looked at yet */
    public static function looked(string $treeId, string $userId, string $runId): Run
    {
        $row = Run::query()->where('tree_id', $treeId)->where('kind', 'look')->where('user_id', $userId)->where('id', $runId)
            ->firstOrFail();

        return $row->state === 'done' ? $row : throw new Refusal('It is not looked at yet.', 409);
    }
}
