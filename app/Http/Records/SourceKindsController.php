<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Counted;
use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\People\FactResources;
use App\Http\Records\Inputs\FormsInput;
use App\Http\Records\Inputs\KindInput;
use App\Http\Records\Resources\FieldUse;
use App\Http\Records\Resources\FieldUseList;
use App\Http\Records\Resources\FormPart;
use App\Http\Records\Resources\FormsResource;
use App\Http\Records\Resources\SimilarSource;
use App\Http\Records\Resources\SourceFieldResource;
use App\Http\Records\Resources\SourceKindList;
use App\Http\Records\Resources\SourceKindResource;
use App\Http\Tree\TreesController;
use App\Models\Source;
use App\Models\SourceKind as OwnKind;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Records\SimilarSources;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use NorthBough\Core\Citation\KindProblem;
use NorthBough\Core\Citation\NotePattern;
use NorthBough\Core\Citation\PastedWords;
use NorthBough\Core\Citation\SourceField;
use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\SourceKinds;
use NorthBough\Core\Naming\SearchForm;

/** Kinds of source: those that ship and the tree's own; and a source in its forms while it is written. */
final readonly class SourceKindsController
{
    public function __construct(private ChangeSets $changes, private TreeSourceKinds $kinds)
    {
    }

    #[Get('/trees/{tree}/source-kinds', 'sourceKinds', SourceKindList::class)]
    public function index(): JsonResponse
    {
        $versions = OwnKind::query()->pluck('version', 'id')->all();

        return response()
            ->json(new SourceKindList(
                array_map(static fn (SourceKind $kind): SourceKindResource => self::resource($kind, $versions[$kind->code] ?? 0),
                    $this->kinds->all())));
    }

    /** Three forms of what is written so far, and sources much like it. It changes nothing. */
    #[Post('/trees/{tree}/reading/source', 'readSource', FormsResource::class, FormsInput::class)]
    public function forms(Request $request, SimilarSources $like): JsonResponse
    {
        $input = FormsInput::from($request);
        $kind = $this->kinds->named($input->kind) ?? throw new Refusal('There is no such kind of source here.', 404);
        $values = array_map(PastedWords::clean(...), array_map(strval(...), $input->fields ?? []));
        $set = static fn (string $pattern): array => FactResources::words(NotePattern::parse($pattern)->set($values));

        return response()->json(new FormsResource($set($kind->full), $set($kind->short), $set($kind->bibliography),
            array_map(static fn (array $similar): SimilarSource => new SimilarSource($similar[0], FactResources::words($similar[1])),
                $like->to($values, $kind->value('TITL', $values), $input->except))));
    }

    /** What sources of a kind say in each of its fields: looked at before a field is changed. */
    #[Get('/trees/{tree}/source-kinds/{kind}/use', 'sourceKindUse', FieldUseList::class)]
    public function used(string $tree, string $kind): JsonResponse
    {
        $known = $this->kinds->named($kind) ?? throw new Refusal(Refusal::NOT_HERE, 404);
        $sources = Source::query()->where(...(isset(SourceKinds::all()[$kind]) ? ['kind', $kind] : ['source_kind_id', $kind]));
        $uses = array_map(static function (SourceField $field) use ($sources): FieldUse {
            $saying = (clone $sources)->whereRaw("coalesce(fields->>?, '') != ''", [$field->code]);

            return new FieldUse($field->code, (clone $saying)->count(),
                array_values($saying->orderBy('search')->limit(3)->get()
                    ->map(static fn (Source $source): string => $source->fields[$field->code])->all()));
        }, $known->fields);

        return response()->json(new FieldUseList($uses));
    }

    #[Post('/trees/{tree}/source-kinds', 'makeSourceKind', CreatedResource::class, KindInput::class)]
    public function store(Request $request): JsonResponse
    {
        $kind = self::read((string) Str::uuid7(), KindInput::from($request)->template);
        $this->changes->run(new Intent(TreesController::user($request), "Made the kind of source “{$kind->name}”"),
            static function () use ($kind): void {
                OwnKind::query()->create(['id' => $kind->code, ...self::columns($kind)]);
            });
        $this->kinds->forget();

        return response()->json(new CreatedResource($kind->code));
    }

    #[Patch('/trees/{tree}/source-kinds/{sourceKind}', 'changeSourceKind', CreatedResource::class, KindInput::class)]
    public function update(Request $request, string $tree, string $sourceKind): JsonResponse
    {
        $input = KindInput::from($request);
        $kind = self::read($sourceKind, $input->template);
        $this->changes->run(new Intent(TreesController::user($request), "Changed the kind of source “{$kind->name}”"),
            static function () use ($kind, $input): void {
                $row = OwnKind::query()->findOrFail($kind->code);
                ChangedMeanwhile::unless($row, $input->version ?? 0, ['name' => $kind->name]);
                $row->fill(self::columns($kind))->save();
            });
        $this->kinds->forget();

        return response()->json(new CreatedResource($kind->code));
    }

    #[Delete('/trees/{tree}/source-kinds/{sourceKind}', 'deleteSourceKind')]
    public function destroy(Request $request, string $tree, string $sourceKind): Response
    {
        $used = Source::query()->where('source_kind_id', $sourceKind)->count();
        if ($used > 0) {
            throw new Refusal(Counted::of($used, 'source is', 'sources are').' of this kind. Give them another kind first.', 409);
        }
        $row = OwnKind::query()->findOrFail($sourceKind);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the kind of source “{$row->name}”"),
            static fn (Change $change) => $change->deleteWhole($row), $row);
        $this->kinds->forget();

        return response()->noContent();
    }

    private static function read(string $code, string $template): SourceKind
    {
        $decoded = json_decode($template, true);
        try {
            return SourceKind::fromArray($code, is_array($decoded) ? $decoded : []);
        } catch (KindProblem $problem) {
            throw new Refusal($problem->getMessage());
        }
    }

    /** @return array{name: string, search: string, template: array<string, mixed>} */
    private static function columns(SourceKind $kind): array
    {
        return ['name' => $kind->name, 'search' => SearchForm::of("{$kind->name} {$kind->words}"), 'template' => $kind->toArray()];
    }

    private static function resource(SourceKind $kind, int $version): SourceKindResource
    {
        return new SourceKindResource(
            $kind->code, $kind->name, $kind->words, $kind->what, $kind->where, $kind->form, ! isset(SourceKinds::all()[$kind->code]),
            $version,
            array_map(SourceFieldResource::of(...), $kind->fields),
            $kind->full, $kind->short, $kind->bibliography,
            array_map(static fn (array $gap): FormPart => new FormPart($gap['field'], $gap['text']), NotePattern::parse($kind->full)
                ->gaps()), $kind->remarks(),
        );
    }
}
