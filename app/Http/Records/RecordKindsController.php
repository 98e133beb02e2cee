<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Counted;
use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\Records\Inputs\KindInput;
use App\Http\Records\Resources\RecordKindList;
use App\Http\Records\Resources\RecordKindResource;
use App\Http\Tree\TreesController;
use App\Models\Record;
use App\Models\RecordKind as OwnKind;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Kinds\TreeRecordKinds;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Record\KindProblem;
use NorthBough\Core\Record\RecordKind;

/** Kinds of record: those that ship and the tree's own. */
final readonly class RecordKindsController
{
    public function __construct(private ChangeSets $changes, private TreeRecordKinds $kinds)
    {
    }

    #[Get('/trees/{tree}/record-kinds', 'recordKinds', RecordKindList::class)]
    public function index(): JsonResponse
    {
        $versions = OwnKind::query()->pluck('version', 'id')->all();

        return response()->json(new RecordKindList(array_map(
            static fn (RecordKind $kind): RecordKindResource => RecordKindPages::resource($kind, $versions[$kind->code] ?? 0),
            $this->kinds->all())));
    }

    #[Post('/trees/{tree}/record-kinds', 'makeRecordKind', CreatedResource::class, KindInput::class)]
    public function store(Request $request): JsonResponse
    {
        $kind = self::read((string) Str::uuid7(), KindInput::from($request)->template);
        $this->changes->run(new Intent(TreesController::user($request), "Made the kind of record “{$kind->name}”"),
            static function () use ($kind): void {
                OwnKind::query()->create(['id' => $kind->code, ...self::columns($kind)]);
            });
        $this->kinds->forget();

        return response()->json(new CreatedResource($kind->code));
    }

    #[Patch('/trees/{tree}/record-kinds/{recordKind}', 'changeRecordKind', CreatedResource::class, KindInput::class)]
    public function update(Request $request, string $tree, string $recordKind): JsonResponse
    {
        $input = KindInput::from($request);
        $kind = self::read($recordKind, $input->template);
        $this->changes->run(new Intent(TreesController::user($request), "Changed the kind of record “{$kind->name}”"),
            static function () use ($kind, $input): void {
                $row = OwnKind::query()->findOrFail($kind->code);
                ChangedMeanwhile::unless($row, $input->version ?? 0, ['name' => $kind->name]);
                $row->fill(self::columns($kind))->save();
            });
        $this->kinds->forget();

        return response()->json(new CreatedResource($kind->code));
    }

    #[Delete('/trees/{tree}/record-kinds/{recordKind}', 'deleteRecordKind')]
    public function destroy(Request $request, string $tree, string $recordKind): Response
    {
        $used = Record::query()->where('record_kind_id', $recordKind)->count();
        if ($used > 0) {
            throw new Refusal(Counted::of($used, 'record is', 'records are').' of this kind. Give them another kind first.', 409);
        }
        $row = OwnKind::query()->findOrFail($recordKind);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the kind of record “{$row->name}”"),
            static fn (Change $change) => $change->deleteWhole($row), $row);
        $this->kinds->forget();

        return response()->noContent();
    }

    private static function read(string $code, string $template): RecordKind
    {
        $decoded = json_decode($template, true);
        try {
            return RecordKind::fromArray($code, is_array($decoded) ? $decoded : []);
        } catch (KindProblem $problem) {
            throw new Refusal($problem->getMessage());
        }
    }

    /** @return array{name: string, search: string, template: array<string, mixed>} */
    private static function columns(RecordKind $kind): array
    {
        return ['name' => $kind->name, 'search' => SearchForm::of("{$kind->name} {$kind->words}"), 'template' => $kind->toArray()];
    }
}
