<?php

declare(strict_types=1);

namespace App\Http\Texts;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Texts\Inputs\TextInput;
use App\Http\Texts\Resources\CalledFact;
use App\Http\Texts\Resources\ProseResource;
use App\Http\Texts\Resources\TextLine;
use App\Http\Texts\Resources\TextList;
use App\Http\Tree\TreesController;
use App\Models\Person;
use App\Models\Place;
use App\Models\Text;
use App\Models\Union;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use NorthBough\Core\Prose\FactCall;
use NorthBough\Core\Prose\FactsToday;
use NorthBough\Core\Prose\ProseProblem;
use NorthBough\Core\Prose\ProseReader;

/** Lives told in prose: texts of people, couples, places, and of nobody in particular. */
final readonly class TextsController
{
    private const MOST = 500;

    public function __construct(private LivingPeople $living, private ChangeSets $changes, private StoredText $stored)
    {
    }

    #[Get('/trees/{tree}/texts', 'texts', TextList::class, query: ['person', 'union', 'place'])]
    public function index(Request $request): JsonResponse
    {
        $rows = Text::query()->orderBy('title')->orderBy('id')->limit(self::MOST);
        foreach (['person', 'union', 'place'] as $of) {
            if (Str::isUuid($request->string($of)->toString())) {
                $rows->where("{$of}_id", $request->string($of)->toString());
            }
        }
        $seen = $this->living->seen();
        $texts = StoredText::shown(array_values($rows->get()->all()), $seen);
        $people = $seen->view->lives(array_values(array_filter(array_map(static fn (Text $row): ?string => $row->person_id, $texts))));

        return response()->json(new TextList(array_map(static fn (Text $row): TextLine => new TextLine($row->id, $seen->text($row->title),
            ($people[$row->person_id ?? ''] ?? null)?->name()->shown() ?? '', ProseReader::read($row->body)->words()), $texts)));
    }

    #[Get('/trees/{tree}/texts/{text}', 'text', ProseResource::class)]
    public function show(string $tree, string $text): JsonResponse
    {
        $row = Text::query()->findOrFail($text);
        $seen = $this->living->seen();
        if (StoredText::shown([$row], $seen) === []) {
            throw new Refusal('This text is about somebody living.', 403);
        }
        $body = $this->stored->body($row, $seen);
        $prose = ProseReader::read($body);
        $calls = $prose->parts(FactCall::class);
        $today = FactsToday::of($seen->view, $calls);
        $facts = [];
        foreach ($calls as $call) {
            $facts[$call->key()] = new CalledFact($call->factId, $call->form->value, $call->ofId, $today->words($call),
                $today->isThere($call));
        }

        return response()->json(new ProseResource($row->id, $row->version, $seen->text($row->title), $body, $row->person_id, $row->union_id,
            $row->place_id, array_values($facts), $prose->words()));
    }

    #[Post('/trees/{tree}/texts', 'writeText', CreatedResource::class, TextInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = TextInput::from($request);
        $values = self::values($input) + [
            'person_id' => $input->personId === null ? null : Person::query()->findOrFail($input->personId)->id,
            'union_id' => $input->unionId === null ? null : Union::query()->findOrFail($input->unionId)->id,
            'place_id' => $input->placeId === null ? null : Place::query()->findOrFail($input->placeId)->id,
        ];
        $row = $this->changes->run(new Intent(TreesController::user($request), "Wrote the text: {$input->title}"),
            static fn (): Text => Text::query()->create($values));

        return response()->json(new CreatedResource($row->id));
    }

    #[Put('/trees/{tree}/texts/{text}', 'changeText', CreatedResource::class, TextInput::class)]
    public function update(Request $request, string $tree, string $text): JsonResponse
    {
        $input = TextInput::from($request);
        $values = self::values($input);
        $this->changes->run(new Intent(TreesController::user($request), "Changed the text: {$input->title}"),
            static function () use ($text, $values, $input): void {
                $row = Text::query()->findOrFail($text);
                ChangedMeanwhile::unless($row, $input->version ?? 0, $values);
                $row->fill($values)->save();
            });

        return response()->json(new CreatedResource($text));
    }

    #[Delete('/trees/{tree}/texts/{text}', 'deleteText')]
    public function destroy(Request $request, string $tree, string $text): Response
    {
        $row = Text::query()->findOrFail($text);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the text: {$row->title}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal where the text cannot be read
     */
    private static function values(TextInput $input): array
    {
        try {
            ProseReader::read($input->body);
        } catch (ProseProblem $problem) {
            throw new Refusal($problem->getMessage(), 422);
        }

        return ['title' => trim($input->title), 'body' => $input->body];
    }
}
