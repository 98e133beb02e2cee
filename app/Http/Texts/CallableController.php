<?php

declare(strict_types=1);

namespace App\Http\Texts;

use App\Http\Api\Get;
use App\Http\People\Resources\NamedPerson;
use App\Http\Texts\Resources\CallableFact;
use App\Http\Texts\Resources\CallableRecord;
use App\Http\Texts\Resources\CallableThings;
use App\Models\Note;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\SeenTree;
use Illuminate\Http\JsonResponse;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Life\LifeOrder;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Prose\FactCall;
use NorthBough\Core\Prose\FactForm;
use NorthBough\Core\Prose\FactsToday;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;

/** What of somebody can be called into a text while it is written. */
final readonly class CallableController
{
    private const MOST_NOTES = 40;

    public function __construct(private LivingPeople $living)
    {
    }

    #[Get('/trees/{tree}/people/{person}/callable', 'callable', CallableThings::class)]
    public function show(string $tree, string $person): JsonResponse
    {
        $seen = $this->living->seen();
        $one = $seen->view->people([$person])[$person] ?? abort(404);
        $kin = LifeKin::of($seen->view, [$one]);
        $owners = [];
        $events = $one->events;
        foreach ($kin->unionsOf($person) as $union) {
            foreach ($union->events as $event) {
                $owners[$event->id] = $union->id;
                $events[] = $event;
            }
        }
        $events = LifeOrder::sorted(array_values(array_filter($events,
            static fn (Event $event): bool => ! $event->denied && $event->standing !== Standing::RuledOut)));
        $call = static fn (Event $event, FactForm $form): FactCall => new FactCall($owners[$event->id] ?? $person, $event->id, $form, '',
            isset($owners[$event->id]) ? $person : '');
        $today = FactsToday::of($seen->view, array_map(static fn (Event $event): FactCall => $call($event, FactForm::Clause), $events));

        return response()->json(new CallableThings(
            array_map(static fn (Event $event): CallableFact => new CallableFact($owners[$event->id] ?? $person, $event->id,
                isset($owners[$event->id]) ? $person : '',
                trim("{$event->word()} {$event->date->shown}"), ...array_map(
                    static fn (FactForm $form): string => $today->words($call($event, $form)), FactForm::cases())), $events),
            self::records($events), array_map(NamedPerson::of(...), self::people($one, $kin)), $this->notes($person, $seen)));
    }

    /** @return list<string> */
    private function notes(string $personId, SeenTree $seen): array
    {
        return $seen->withheld([$personId]) !== [] ? [] : array_values(array_map($seen->text(...),
            Note::query()->where('person_id', $personId)->orderBy('ordinal')->orderBy('id')->limit(self::MOST_NOTES)->pluck('text')
                ->all()));
    }

    /**
     * @param  list<Event>  $events
     * @return list<CallableRecord> each once
     */
    private static function records(array $events): array
    {
        $records = [];
        foreach ($events as $event) {
            foreach ($event->grounds() as $claim) {
                $records[$claim->recordId] ??= new CallableRecord($claim->recordId,
                    StyledWords::textOf(NoteForms::short($claim->source, $claim->locator)));
            }
        }

        return array_values($records);
    }

    /** @return list<Person> */
    private static function people(Person $one, LifeKin $kin): array
    {
        $people = [$one->id => $one];
        foreach ($kin->parentsOf($one->id) as [, $parent]) {
            $people[$parent->id] ??= $parent;
        }
        foreach ($kin->unionsOf($one->id) as $union) {
            foreach ([...$kin->partners($union, $one->id), ...$kin->children($union, $one->id)] as $near) {
                $people[$near->id] ??= $near;
            }
        }

        return array_values($people);
    }
}
