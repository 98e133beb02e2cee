<?php

declare(strict_types=1);

namespace App\Trees\Numbers;

use App\Models\Person;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\SeenTree;
use App\Trees\Joins\Joined;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Loading\StoredBirths;
use App\Trees\Loading\StoredLineRows;
use App\Trees\Loading\StoredLines;
use App\Trees\Scope\CurrentTree;
use Closure;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\LineNumber;
use NorthBough\Core\Kin\Numbering\Numbering;
use NorthBough\Core\Tree\Union;

/** The numbers of people by what whoever asks has everybody numbered by. They are computed whenever they are asked for. */
final readonly class LineNumbers
{
    /** What a number of any system is made of. */
    private const NUMBER = '/^\s*[\w.()]{1,200}\??\s*$/';

    public function __construct(
        private CurrentTree $current,
        private DatabaseTree $tree,
        private StoredBirths $births,
        private LivingPeople $living,
        private Joined $joined,
    ) {
    }

    /** @return ChosenNumbering|null null where nothing was chosen, or whoever it begins with is not there any more */
    public function chosen(): ?ChosenNumbering
    {
        $chosen = ChosenNumbering::read($this->current->member()->numbering, $this->joined);

        return $chosen !== null && Person::query()->whereIn('id', $chosen->personIds)->count() === count($chosen->personIds)
            ? $chosen : null;
    }

    /**
     * @param  list<string>  $personIds
     * @return array<string, string> every number of those who have one, the one under which they are told first
     */
    public function of(array $personIds): array
    {
        $numbering = $personIds === [] ? null : $this->numbering();
        if ($numbering === null) {
            return [];
        }
        $numbers = ! $numbering->isOfPaths() ? $this->everybody($numbering)->of($personIds)
            : array_map(static fn (array $list): array => array_map(static fn (LineNumber $one): string => $one->shown(), $list),
                $numbering->of($personIds, $this->tree, $this->lines($numbering->choice)));

        return array_map(static fn (array $list): string => implode(', ', $list), $numbers);
    }

    /** @return list<string> ids of those whose number was typed */
    public function whoHas(string $typed): array
    {
        $numbering = preg_match(self::NUMBER, $typed) === 1 ? $this->numbering() : null;

        return match (true) {
            $numbering === null => [],
            $numbering->isOfPaths() => $numbering->whoHas($typed, $this->tree, $this->lines($numbering->choice)),
            default => $this->everybody($numbering)->whoHas(rtrim(trim($typed), '?')),
        };
    }

    /** @return list<string> everybody who has a number, in the order in which they are told */
    public function told(): array
    {
        $numbering = $this->numbering();

        return $numbering === null ? [] : $this->everybody($numbering)->told();
    }

    private function everybody(Numbering $numbering): EveryNumber
    {
        $tree = $this->current->get();

        return EveryNumber::kept([$tree->id, (string) $tree->last_change, $this->current->member()->numbering,
            $this->current->seesLiving() ? '' : (string) LivingPeople::today()],
            fn (): array => $numbering->everybody($this->tree, $this->lines($numbering->choice)));
    }

    /** The lines of the tree as whoever asks may see them. */
    public function lines(LineChoice $choice): StoredLines
    {
        return new StoredLines($this->current, $this->rows($this->withheldAmong(...)), $choice);
    }

    /** The lines of the tree as it is seen there, such as in a file that leaves. */
    public function linesFor(SeenTree $seen, LineChoice $choice): StoredLines
    {
        return new StoredLines($this->current, $this->rows($seen->withheld(...)), $choice);
    }

    private function numbering(): ?Numbering
    {
        $chosen = $this->chosen();
        if ($chosen === null) {
            return null;
        }
        [$founderId, $partnerId] = [...$chosen->personIds, ''];
        $unions = $partnerId === '' ? [] : array_column(array_filter($this->rows($this->withheldAmong(...))
            ->unionsOf([$founderId])[$founderId] ?? [],
            static fn (Union $union): bool => in_array($partnerId, $union->partnerIds, true)), 'id');

        return $partnerId !== '' && $unions === [] ? null : new Numbering($chosen->system, $founderId, $unions, $chosen->choice);
    }

    /** @param  Closure(list<string>): list<string>  $withheldAmong */
    private function rows(Closure $withheldAmong): StoredLineRows
    {
        return new StoredLineRows($this->current, $this->tree, $this->births, $withheldAmong);
    }

    /**
     * @param  list<string>  $personIds
     * @return list<string>
     */
    private function withheldAmong(array $personIds): array
    {
        return $this->current->seesLiving() ? [] : $this->living->among($personIds);
    }
}
