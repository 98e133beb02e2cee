<?php

declare(strict_types=1);

namespace App\Http\Exchange;

use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Exchange\Inputs\ImportInput;
use App\Http\Exchange\Resources\CountResource;
use App\Http\Exchange\Resources\ExchangePage;
use App\Http\Exchange\Resources\FilePreviewResource;
use App\Http\Exchange\Resources\ImportExclusionsResource;
use App\Http\Exchange\Resources\ImportResource;
use App\Http\Exchange\Resources\RunResource;
use App\Http\Exchange\Resources\UnplacedLine;
use App\Http\Tree\TreesController;
use App\Jobs\ImportFile;
use App\Models\Import;
use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Exchange\LostRuns;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Files in and out of a tree. */
final readonly class ExchangeController
{
    public function __construct(private CurrentTree $current)
    {
    }

    #[Get('/trees/{tree}/exchange', 'exchange', ExchangePage::class)]
    public function index(Request $request): JsonResponse
    {
        LostRuns::release();
        $user = TreesController::user($request);
        $runs = Run::query()->where('tree_id', $this->current->id())
            ->where('kind', '!=', 'report')->where(static fn ($own) => $own->whereNotIn('kind', ['look', 'export'])->orWhere('user_id',
                $user->id))
            ->orderByDesc('created_at')->orderByDesc('id')->limit(5)->get();
        $imports = Import::query()->orderByDesc('brought_in_at')->limit(20)->get();

        return response()->json(new ExchangePage(
            array_values($runs->map(self::run(...))->all()),
            array_values($imports->map(self::import(...))->all()),
        ));
    }

    #[Post('/trees/{tree}/exchange/imports', 'bringIn', RunResource::class, ImportInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = ImportInput::from($request);
        $user = TreesController::user($request);
        $look = $input->lookId === null ? null : PreviewsController::looked($this->current->id(), $user->id, $input->lookId);
        $upload = $look !== null ? null : UploadsController::own($request, (string) $input->uploadId);
        if ($upload !== null && $upload->received !== $upload->size) {
            throw new Refusal('The file has not come in whole yet.', 409);
        }
        $path = (string) ($look->asked['path'] ?? $upload?->path());
        $name = (string) ($look->asked['name'] ?? $upload?->name);
        if (! $input->again && $input->mode === 'add') {
            $this->refuseTwice($path);
        }
        if ($input->mode === 'replace' && $this->current->get()->roleOf($user) !== 'owner') {
            throw new Refusal('Only the owner may put a file in the place of this tree.', 403);
        }
        $run = LostRuns::begin($this->current->id(), $user, 'import', $name,
            'A file is being brought into this tree already. Wait until it is in, or cancel it.', fn (): array => [
                'path' => $path, 'name' => $name, 'mode' => $input->mode, 'again' => $input->again,
                'encoding' => $input->encoding, 'start' => $input->start, 'generations' => $input->generations,
                'take' => $input->take, 'copyFirst' => $input->copyFirst, 'into' => $this->into($input, $user),
            ]);
        ImportFile::dispatch($run->id);
        $upload?->delete();
        $look?->delete();

        return response()->json(self::run($run->refresh()));
    }

    #[Delete('/trees/{tree}/exchange/runs/{run}', 'cancelRun')]
    public function cancel(string $tree, string $run): Response
    {
        $row = Run::query()->where('tree_id', $this->current->id())->findOrFail($run);
        $row->update($row->state === 'waiting' ? ['state' => 'cancelled', 'said' => 'It was cancelled. Nothing of it was kept.']
            : ['cancel_asked' => true]);

        return response()->noContent();
    }

    /** The file that looked like one that was brought in before, all the same. */
    #[Post('/trees/{tree}/exchange/runs/{run}/again', 'bringInAgain', RunResource::class)]
    public function again(string $tree, string $run): JsonResponse
    {
        $row = Run::query()->where('tree_id', $this->current->id())->findOrFail($run);
        if (! ($row->result['again'] ?? false)) {
            throw new Refusal('There is nothing to bring in again here.', 409);
        }
        $row->update(['state' => 'waiting', 'said' => 'Waiting for its turn', 'result' => null,
            'asked' => ['again' => true] + $row->asked]);
        ImportFile::dispatch($row->id);

        return response()->json(self::run($row->refresh()));
    }

    /** The id of the tree that the file goes into: this one, or one made for it. */
    private function into(ImportInput $input, User $user): string
    {
        $here = $this->current->get();
        if ($input->mode === 'add') {
            return $here->id;
        }
        $made = Tree::begin($input->mode === 'replace' ? $here->name : (trim($input->treeName) ?: 'A tree from a file'), $user);
        if ($input->mode === 'replace') {
            $members = DB::table('members')->where('tree_id', $here->id)->where('user_id', '!=', $user->id)->get();
            DB::table('members')->insert($members->map(static fn ($member): array => ['tree_id' => $made->id] + (array) $member)->all());
        }

        return $made->id;
    }

    private function refuseTwice(string $path): void
    {
        $before = Import::query()->where('sha256', hash_file('sha256', $path))->first();
        if ($before !== null) {
            throw new Refusal(
                "This very file was brought into this tree before, as {$before->file_name}. Bring it in again only if you want everybody "
                    .'twice.', 409, ['again' => true]);
        }
    }

    public static function run(Run $run): RunResource
    {
        return new RunResource($run->id, $run->kind, $run->title, $run->state, $run->done, $run->said,
            (string) ($run->asked['into'] ?? $run->tree_id), (bool) ($run->result['again'] ?? false),
            isset($run->result['look']) ? FilePreviewResource::of($run->result['look']) : null);
    }

    private static function import(Import $import): ImportResource
    {
        $counts = [];
        foreach (['people', 'families', 'events', 'sources', 'repositories', 'records', 'notes', 'media', 'other'] as $word) {
            $counts[] = new CountResource($word, (int) ($import->report[$word] ?? 0), $import->report['before'][$word] ?? null,
                $import->report['after'][$word] ?? null);
        }
        $listed = static function (string $which) use ($import): array {
            /** @var list<array{line: int, text: string, why: string}> $lines */
            $lines = $import->report[$which] ?? [];

            return array_map(static fn (array $u): UnplacedLine => new UnplacedLine($u['line'], $u['text'], $u['why']), $lines);
        };

        return new ImportResource($import->id, $import->file_name, $import->standard, $import->brought_in_at, $counts,
            $listed('unplaced'), $listed('noted'),
            FilePreviewResource::kept(array_values($import->report['kept'] ?? [])),
            $listed('repaired'), (int) ($import->report['pictures']['found'] ?? 0),
            (int) ($import->report['pictures']['missingCount'] ?? 0), $import->report['pictures']['missing'] ?? [],
            new ImportExclusionsResource(...($import->report['leftOut'] ?? ['people' => 0, 'records' => 0, 'lines' => 0])));
    }
}
