<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Question;
use App\Trees\Derived\RecalculationQueue;
use Illuminate\Support\Facades\DB;

/** Questions close where they are settled, and nothing is called contradictory that is not. */
final class SettledTest extends TestCase
{
    public function test_ruling_out_on_the_persons_page_closes_the_question_that_it_settles(): void
    {
        $ewan = $this->person('Ewan Tarrel b 3 May 1847');
        $wrong = $this->fact2($ewan, 'birth', '1840');
        $other = $this->fact2($ewan, 'birth', '1830');
        $question = Question::query()->sole();
        $this->api('POST', "/facts/{$wrong}/rule-out", ['why' => 'It is his cousin’s.'])->assertOk();
        self::assertSame('open', $question->refresh()->state, 'A third value still contradicts.');
        $this->api('POST', "/facts/{$other}/rule-out", ['why' => 'A clerk’s slip.'])->assertOk();
        self::assertSame(['decided', '3 May 1847', 'A clerk’s slip.'],
            [$question->refresh()->state, $question->decision, $question->reason]);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('open', $question->refresh()->state);
    }

    public function test_letting_another_value_lead_closes_it_too_and_says_reasoned_only_where_somebody_wrote_why(): void
    {
        $ewan = $this->person('Ewan Tarrel b 3 May 1847');
        $other = $this->fact2($ewan, 'birth', '1840');
        $this->api('POST', "/facts/{$other}/lead")->assertOk();
        self::assertSame(['decided', '1840'], [Question::query()->sole()->state, Question::query()->sole()->decision]);
        $reasoned = fn (): bool => collect(array_values($this->api('GET', "/people/{$ewan}")->json('facts')))
            ->firstWhere('id', $other)['reasoned'];
        self::assertTrue($reasoned());

        $una = $this->person('Una Osk');
        $birth = $this->fact2($una, 'birth', '1850');
        Event::query()->where('id', $birth)->toBase()->update(['standing' => 'accepted']);
        self::assertFalse(collect(array_values($this->api('GET', "/people/{$una}")->json('facts')))->firstWhere('id', $birth)['reasoned'],
            'Accepted in a file, and nobody says why.');
    }

    public function test_a_year_and_a_month_in_it_are_no_conflict(): void
    {
        $ewan = $this->person('Ewan Tarrel d 1790');
        $this->fact2($ewan, 'death', 'Oct 1790');
        app(RecalculationQueue::class)->catchUp();
        self::assertSame(0, Question::query()->count());
        self::assertSame([], $this->api('GET', '/desk')->json('yours'));
        self::assertSame([false, false],
            array_column(array_filter($this->api('GET', "/people/{$ewan}")->json('facts'),
                static fn (array $fact): bool => $fact['kind'] === 'death'), 'disagrees'));
        $this->api('POST', '/questions', ['personId' => $ewan, 'aspect' => 'death'])->assertStatus(409);
    }

    public function test_where_no_day_fits_it_is_said_with_why_and_is_found(): void
    {
        $ewan = $this->person('Ewan Tarrel b 3 May 1850');
        $this->fact2($ewan, 'census', '6 June 1841');
        app(RecalculationQueue::class)->catchUp();
        $window = $this->api('GET', "/people/{$ewan}/window")->assertOk();
        self::assertSame([['birth'], 'no day fits'], [$window->json('impossible'), $window->json('bornCertain.shown')]);
        self::assertSame([['Birth 3 May 1850.'], ['Census 6 Jun 1841.']],
            [$window->json('bornCertain.whyFrom'), $window->json('bornCertain.whyTo')]);
        self::assertSame(['No date of birth fits all the evidence for Ewan Tarrel, no. 1.'],
            array_column($this->api('GET', '/desk')->json('yours'), 'text'));
        self::assertSame(['No date of birth fits all the evidence: Ewan Tarrel'],
            array_column($this->api('GET', '/findings')->json('found'), 'sentence'));
        $before = DB::table('findings')->pluck('id')->all();
        app(RecalculationQueue::class)->noteAll();
        app(RecalculationQueue::class)->catchUp();
        self::assertSame($before, DB::table('findings')->pluck('id')->all(), 'What is found again is the same finding.');
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'census')->id, ['date' => '1851', 'version' => 1])->assertOk();
        app(RecalculationQueue::class)->catchUp();
        self::assertSame([], $this->api('GET', '/desk')->json('yours'));
    }

    public function test_a_date_that_cannot_be_read_stands_on_the_desk(): void
    {
        $ewan = $this->person('Ewan Tarrel');
        $this->fact2($ewan, 'birth', 'when the herring failed');
        $waits = $this->api('GET', '/desk')->json('yours');
        self::assertSame(['“when the herring failed” on Ewan Tarrel, no. 1, is not understood as a date.'], array_column($waits, 'text'));
    }

    private function fact2(string $person, string $kind, string $date): string
    {
        return $this->api('POST', "/people/{$person}/facts", ['kind' => $kind, 'date' => $date])->assertOk()->json('id');
    }
}
