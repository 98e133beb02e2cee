<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Tree\Inputs\EventKindInput;
use App\Http\Tree\Inputs\EventKindTraitsInput;
use App\Http\Tree\Resources\KindList;
use App\Http\Tree\Resources\KindResource;
use App\Http\Tree\Resources\ToldSentence;
use App\Models\OwnEventKind;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\ExampleOfKind;
use NorthBough\Core\Narrative\PatternProblem;
use NorthBough\Core\Narrative\SentencePattern;
use NorthBough\Core\Narrative\Teller;
use NorthBough\Core\Tree\EventKind;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;

/** Kinds of event of a tree's own, beside those that come with North Bough. A fact of such a kind is an event of that type. */
final readonly class EventKindsController
{
    public function __construct(private ChangeSets $changes)
    {
    }

    #[Get('/trees/{tree}/event-kinds', 'treeEventKinds', KindList::class)]
    public function index(): JsonResponse
    {
        $usual = array_map(
            static fn (EventKind $k): KindResource => new KindResource($k->code, $k->word, $k->ofPerson, $k->ofUnion, $k->hasValue,
                $k->single,
                array_column($k->traits, 'value')),
            array_values(EventKinds::all()));
        $own = OwnEventKind::query()->orderBy('word')->get()->map(static fn (OwnEventKind $k): KindResource => new KindResource(
            $k->has_value ? 'fact' : 'event', $k->word, $k->of_person, $k->of_union, $k->has_value, $k->single, $k->traits, $k->id,
            $k->version, $k->sentence,
        ));

        return response()->json(new KindList([...$usual, ...array_values($own->all())],
            array_combine(array_column(EventTrait::cases(), 'value'),
                array_map(static fn (EventTrait $trait): string => $trait->says(), EventTrait::cases()))));
    }

    #[Post('/trees/{tree}/event-kinds', 'makeEventKind', CreatedResource::class, EventKindInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = EventKindInput::from($request);
        $word = trim($input->word);
        $code = Str::slug($word) ?: throw new Refusal('A kind of event needs a word.');
        $sentence = self::sentence($input->sentence);
        if (OwnEventKind::query()->where('code', $code)->exists()) {
            throw new Refusal('There is a kind of that word already.', 409);
        }
        $made = $this->changes->run(new Intent(TreesController::user($request), "Made the kind of event “{$word}”"),
            static fn (): OwnEventKind => OwnEventKind::query()->create([
                'code' => $code, 'word' => $word, 'tag' => $input->hasValue ? 'FACT' : 'EVEN', 'of_person' => $input->ofPerson,
                'of_union' => $input->ofUnion, 'has_value' => $input->hasValue, 'single' => $input->single,
                'traits' => array_values(array_unique($input->traits)),
                'sentence' => $sentence,
            ]));

        return response()->json(new CreatedResource($made->id));
    }

    /** How a sentence of one's own tells an event of the kind, before it is saved. */
    #[Get('/trees/{tree}/event-kinds/told', 'eventKindTold', ToldSentence::class, query: ['word', 'sentence'])]
    public function told(Request $request): JsonResponse
    {
        $word = trim($request->string('word')->toString());
        try {
            $sentence = self::sentence($request->string('sentence')->toString());
        } catch (Refusal $problem) {
            return response()->json(new ToldSentence('', $problem->getMessage()));
        }
        [$event, $person] = ExampleOfKind::of($word === '' ? 'event' : $word, $sentence);
        $he = [StyledWords::plain(Teller::pronoun($person)->subject)];

        return response()->json(new ToldSentence(StyledWords::textOf(Teller::sentence((new Teller)->clause($event, $person, $he,
            [StyledWords::plain('Ailie Drum')]))), ''));
    }

    /** @throws Refusal where it cannot be read */
    private static function sentence(?string $typed): string
    {
        try {
            SentencePattern::parse(trim((string) $typed));
        } catch (PatternProblem $problem) {
            throw new Refusal($problem->getMessage(), 422);
        }

        return trim((string) $typed);
    }

    /** What it says of a life, for the facts of it that are there and those to come. */
    #[Put('/trees/{tree}/event-kinds/{eventKind}', 'changeEventKind', CreatedResource::class, EventKindTraitsInput::class)]
    public function update(Request $request, string $tree, string $eventKind): JsonResponse
    {
        $input = EventKindTraitsInput::from($request);
        $sentence = self::sentence($input->sentence);
        $word = OwnEventKind::query()->findOrFail($eventKind)->word;
        $this->changes->run(new Intent(TreesController::user($request), "Changed what the kind of event “{$word}” says"),
            static function () use ($eventKind, $input, $sentence): void {
                $row = OwnEventKind::query()->findOrFail($eventKind);
                $columns = ['of_person' => $input->ofPerson, 'of_union' => $input->ofUnion, 'single' => $input->single,
                    'traits' => array_values(array_unique($input->traits))] + ($input->sentence === null ? [] : ['sentence' => $sentence]);
                ChangedMeanwhile::unless($row, $input->version, $columns);
                $row->fill($columns)->save();
            });

        return response()->json(new CreatedResource($eventKind));
    }

    #[Delete('/trees/{tree}/event-kinds/{eventKind}', 'deleteEventKind')]
    public function destroy(Request $request, string $tree, string $eventKind): Response
    {
        $row = OwnEventKind::query()->findOrFail($eventKind);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the kind of event “{$row->word}”; the facts of it stay"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
