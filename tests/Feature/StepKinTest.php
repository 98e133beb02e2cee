<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Step-parents of somebody far above: of their stepchildren more must be read than of others above. */
final class StepKinTest extends TestCase
{
    public function test_the_second_wife_of_a_great_grandfather_says_what_she_is_to_the_centre(): void
    {
        $centre = $this->person('Ada Tarrel w b 1890');
        $below = $centre;
        foreach (['Magnus Tarrel h b 1860', 'Ewan Tarrel h b 1830', 'Sander Tarrel h b 1800'] as $father) {
            $below = $this->relative($below, 'father', $father);
        }
        $second = $this->relative($below, 'partner', 'Nan Osk w b 1815 m 1850');
        $this->api('PUT', '/centre', ['personId' => $centre])->assertNoContent();

        self::assertSame('step-great-grandmother of Ada Tarrel', $this->api('GET', "/people/{$second}")->assertOk()->json('toCentre'));
    }
}
