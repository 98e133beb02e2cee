<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Join;

use NorthBough\Core\Join\Fate;
use NorthBough\Core\Join\PlannedValue;
use NorthBough\Core\Join\ValuePlan;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\TestCase;

final class ValuePlanTest extends TestCase
{
    use Lives;

    public function test_of_two_births_the_first_leads_and_the_other_becomes_its_rival(): void
    {
        self::assertSame(['kb' => Fate::Leads, 'gb' => Fate::Rival],
            $this->fates([self::event('kb', 'birth', '1799')], [self::event('gb', 'birth', '1801')]));
    }

    public function test_whichever_is_chosen_leads(): void
    {
        self::assertSame(['kb' => Fate::Rival, 'gb' => Fate::Leads],
            $this->fates([self::event('kb', 'birth', '1799')], [self::event('gb', 'birth', '1801')], ['gb']));
    }

    public function test_an_accepted_value_leads_over_one_that_nobody_weighed(): void
    {
        self::assertSame(['kb' => Fate::Rival, 'gb' => Fate::Leads], $this->fates([self::event('kb', 'birth', '1799')],
            [self::event('gb', 'birth', '1801', standing: Standing::Accepted)]));
    }

    public function test_what_both_have_is_had_once(): void
    {
        $values = $this->plan([self::event('kb', 'birth', '1799', 'Hask')], [self::event('gb', 'birth', '1799', 'hask')]);

        self::assertSame([Fate::Stays, Fate::Same],
            array_values(array_map(static fn (PlannedValue $value): Fate => $value->fate, $values)));
        self::assertSame('kb', $values['gb']->sameAs);
    }

    public function test_what_can_be_true_several_times_goes_over(): void
    {
        self::assertSame(['kr' => Fate::Stays, 'gr' => Fate::Moves],
            $this->fates([self::event('kr', 'residence', '1830')], [self::event('gr', 'residence', '1840')]));
    }

    public function test_a_christening_is_no_rival_of_a_birth(): void
    {
        self::assertSame(['kb' => Fate::Stays, 'gc' => Fate::Moves],
            $this->fates([self::event('kb', 'birth', '1 Jan 1799')], [self::event('gc', 'christening', '9 Mar 1801')]));
    }

    public function test_what_was_ruled_out_goes_over_as_it_is(): void
    {
        self::assertSame(['kb' => Fate::Stays, 'gb' => Fate::Moves], $this->fates([self::event('kb', 'birth', '1799')],
            [self::event('gb', 'birth', '1810', standing: Standing::RuledOut)]));
    }

    public function test_where_a_rival_was_accepted_elsewhere_it_leads(): void
    {
        // The one who stays has 1799 as the leading value and 1801 as its rival; the other had 1801 decided.
        $values = $this->plan([self::event('k1', 'birth', '1799'), self::event('k2', 'birth', '1801', standing: Standing::Rival)],
            [self::event('g', 'birth', '1801', standing: Standing::Accepted)]);

        self::assertSame([Fate::Rival, Fate::Leads, Fate::Same], [$values['k1']->fate, $values['k2']->fate, $values['g']->fate]);
        self::assertSame([Standing::Rival, Standing::Accepted], [$values['k1']->standing, $values['k2']->standing]);
    }

    public function test_names_that_are_equal_are_had_once_and_others_go_over(): void
    {
        $kept = self::person('k', ['Isbel /Quillan/'], []);
        $gone = self::person('g', ['Isbel /Quillan/', 'Isbel /Maddern/'], []);
        $fates = array_map(static fn (PlannedValue $value): Fate => $value->fate, ValuePlan::of($kept, $gone, [])->values);

        self::assertSame([Fate::Stays, Fate::Same, Fate::Moves], $fates);
    }

    /**
     * @param  list<\NorthBough\Core\Tree\Event>  $kept
     * @param  list<\NorthBough\Core\Tree\Event>  $gone
     * @param  list<string>  $leading
     * @return array<string, Fate> of facts, by id
     */
    private function fates(array $kept, array $gone, array $leading = []): array
    {
        return array_map(static fn (PlannedValue $value): Fate => $value->fate, $this->plan($kept, $gone, $leading));
    }

    /**
     * @param  list<\NorthBough\Core\Tree\Event>  $kept
     * @param  list<\NorthBough\Core\Tree\Event>  $gone
     * @param  list<string>  $leading
     * @return array<string, PlannedValue> of facts, by id
     */
    private function plan(array $kept, array $gone, array $leading = []): array
    {
        $values = array_filter(ValuePlan::of(self::person('k', ['Una /Osk/'], $kept), self::person('g', ['Una /Osk/'], $gone), $leading)
            ->values,
            static fn (PlannedValue $value): bool => ! $value->isName);

        return array_combine(array_column($values, 'id'), $values);
    }
}
