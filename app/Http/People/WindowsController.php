<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\People\Resources\WindowBound;
use App\Http\People\Resources\WindowResource;
use App\Models\Person as Row;
use App\Trees\Derived\Window\Windows;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\SpanWords;
use NorthBough\Core\Life\Window\InferenceStep;
use NorthBough\Core\Life\Window\LifeWindows;
use NorthBough\Core\Tree\Person;

/** The span in which a birth and a death must, and likely do, fall, with the reasoning. */
final readonly class WindowsController
{
    public function __construct(private CurrentTree $current, private Windows $windows)
    {
    }

    #[Get('/trees/{tree}/people/{person}/window', 'windowOf', WindowResource::class)]
    public function show(string $tree, string $person): JsonResponse
    {
        $this->current->refuseShielded('The reasoning names living people; it is for those who may see them.');
        $id = Row::query()->findOrFail($person)->id;
        [$windows, $people] = $this->windows->around($id);
        $window = $windows->of($id);
        $isNone = static fn (bool $isBirth, bool $isCertain): bool => in_array($isBirth ? 'birth' : 'death',
            $isCertain ? $window->impossible : $window->unlikely, true);
        $bound = static fn (DaySpan $span, bool $isBirth,
            bool $isCertain): WindowBound => new WindowBound($isNone($isBirth, $isCertain) ? 'no day fits' : SpanWords::of($span),
                self::why($windows, $people, $id, $isBirth, true, $isCertain),
                self::why($windows, $people, $id, $isBirth, false, $isCertain));

        return response()
            ->json(new WindowResource($bound($window->bornCertain, true, true), $bound($window->bornLikely, true, false),
                $bound($window->diedCertain, false, true), $bound($window->diedLikely, false, false), $window->impossible));
    }

    /**
     * @param  array<string, Person>  $people
     * @return list<string>
     */
    private static function why(LifeWindows $windows, array $people, string $id, bool $isBirth, bool $isEarliest, bool $isCertain): array
    {
        return array_map(static function (InferenceStep $step) use ($people, $id): string {
            $name = $step->personId === $id ? '' : ($people[$step->personId] ?? null)?->name()->shown().': ';

            return $step->eventId === '' ? $step->says : "{$name}{$step->says}.";
        }, $windows->why($id, $isBirth, $isEarliest, $isCertain));
    }
}
