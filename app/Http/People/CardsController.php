<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Counted;
use App\Http\Api\Get;
use App\Http\People\Resources\CardResource;
use App\Models\Person as PersonRow;
use App\Trees\Access\LivingPeople;
use App\Trees\Numbers\LineNumbers;
use Illuminate\Http\JsonResponse;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Union;

/** Cards: who somebody is, without leaving the page that names them. */
final readonly class CardsController
{
    public function __construct(private LivingPeople $living, private KinToCentre $centre, private LineNumbers $numbers)
    {
    }

    #[Get('/trees/{tree}/people/{person}/card', 'card', CardResource::class)]
    public function show(string $tree, string $person): JsonResponse
    {
        $id = PersonRow::query()->findOrFail($person)->id;
        $view = $this->living->forReader();
        $sets = $view->parentSets([$id])[$id] ?? [];
        $unions = $view->unionsOf([$id])[$id] ?? [];
        $parents = $sets === [] ? [] : array_column($sets[0]->whoStand(), 'personId');
        $kin = [...$parents, ...array_merge([], ...array_map(static fn (Union $u): array => $u->partnersOf($id), $unions))];
        $people = $view->lives([$id, ...$kin]);
        $shownPerson = $people[$id];
        $name = static fn (string $of): string => isset($people[$of]) ? $people[$of]->name()->shown() : '?';
        $lines = array_map(self::line(...),
            [$shownPerson->vitals()->birth(), $shownPerson->vitals()->signOfBirth(), $shownPerson->vitals()->death(), $shownPerson->vitals()
                ->signOfDeath()]);
        if ($parents !== []) {
            $lines[] = 'Child of '.implode(' and ', array_map($name, $parents));
        }
        foreach ($unions as $union) {
            $with = implode(' and ', array_map($name, $union->partnersOf($id))) ?: 'a partner not known';
            $children = count($union->childrenOf($id));
            $lines[] = trim(($union->marriage() === null ? 'With' : 'Married '.LifeYears::year($union->marriage()))." {$with}")
                .match ($children) {
                    0 => '',
                    default => ', '.Counted::of($children, 'child', 'children'),
                };
        }

        return response()
            ->json(new CardResource($id, $shownPerson->number, $shownPerson->name()->shown(), LifeYears::shown($shownPerson),
                $this->centre->termOf($id),
                $this->numbers->of([$id])[$id] ?? '',
                array_values(array_filter($lines, static fn (string $line): bool => $line !== ''))));
    }

    private static function line(?Event $event): string
    {
        return $event === null || ($event->date->isEmpty() && $event->place === '') ? ''
            : trim(ucfirst($event->participle())." {$event->date->shown}")
            .($event->place === '' ? '' : ", {$event->place}");
    }
}
