<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\People\Resources\Descendant;
use App\Http\People\Resources\DescentFamilyLine;
use App\Http\People\Resources\DescentPage;
use App\Http\People\Resources\NamedPerson;
use App\Models\Person as PersonRow;
use App\Trees\Access\LivingPeople;
use App\Trees\Joins\Joined;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Kin\Walk\DescentFamilies;
use NorthBough\Core\Kin\Walk\DescentFamily;
use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** The line down: the families below somebody, as an outline that is folded out as far as one wants. */
final readonly class DescentController
{
    private const GENERATIONS = 12;

    /** People of whom the families are told at once. */
    private const MOST = 1500;

    public function __construct(private LivingPeople $living, private Joined $joined)
    {
    }

    #[Get('/trees/{tree}/people/{person}/descent', 'descent', DescentPage::class, query: ['generations'])]
    public function show(Request $request, string $tree, string $person): JsonResponse
    {
        $id = PersonRow::query()->findOrFail($this->joined->resolve($person))->id;
        $view = $this->living->forReader();
        $families = DescentFamilies::below($view, $id, max(1, min(self::GENERATIONS, $request->integer('generations', 1))), self::MOST);
        $unions = array_column($families, 'union');
        $line = array_values(array_unique([$id, ...array_column($families, 'personId'), ...array_merge([], ...array_column($unions,
            'childIds'))]));
        $people = $view->lives(array_values(array_unique([...$line, ...array_merge([], ...array_column($unions, 'partnerIds'))])), $line);
        $sets = $view->parentSets($line);
        [$counts, $couples] = [DescentFamilies::children($view, $line), array_map(count(...), $view->unionsOf($line))];
        $tell = static fn (string $of, string $kind): Descendant => self::told($people[$of], $kind, $couples[$of] ?? 0, $counts[$of] ?? 0);

        return response()->json(new DescentPage($tell($id, ''), array_map(
            static fn (DescentFamily $family): DescentFamilyLine => new DescentFamilyLine(
                $family->personId, $family->union->id,
                array_map(static fn (string $partner): NamedPerson => NamedPerson::of($people[$partner]),
                    $family->union->partnersOf($family->personId)),
                $family->union->marriage()->date->shown ?? '', self::ages($family, $people), Notches::of($family->union->marriage()),
                array_map(static fn (string $child): Descendant => $tell($child, self::kind($sets[$child] ?? [], $family->union)),
                    $family->union->childrenOf($family->personId)),
            ), $families)));
    }

    private static function told(Person $person, string $kind, int $families, int $children): Descendant
    {
        $vitals = $person->vitals();
        $birth = $vitals->beginning();

        return new Descendant($person->id, $person->number, $person->name()->shown(), self::dated($birth),
            PlacePath::shortOf($birth->place ?? ''), self::dated($vitals->end()), self::age($person, $vitals->death()), $kind, $families,
            $children, Notches::of($birth));
    }

    private static function dated(?Event $event): string
    {
        return $event === null || $event->date->shown === '' ? '' : ltrim("{$event->mark()} {$event->date->shown}");
    }

    private static function age(Person $person, ?Event $event): string
    {
        $birth = $person->vitals()->birth()?->date->span();
        $then = $event?->date->span();

        return $birth === null || $then === null ? '' : Age::at($birth, $then)?->shown() ?? '';
    }

    /** @param  array<string, Person>  $people */
    private static function ages(DescentFamily $family, array $people): string
    {
        $ids = [$family->personId, ...$family->union->partnersOf($family->personId)];
        $ages = array_map(static fn (string $id): string => self::age($people[$id], $family->union->marriage()) ?: '?', $ids);

        return array_unique($ages) === ['?'] ? '' : implode(' and ', $ages);
    }

    /**
     * @param  list<ParentSet>  $sets
     * @return string what the child is to the couple; empty for by birth
     */
    private static function kind(array $sets, Union $union): string
    {
        foreach ($sets as $set) {
            if ($set->unionId === $union->id) {
                return KinResources::KINDS[$set->kind()->value] ?? '';
            }
        }

        return '';
    }
}
