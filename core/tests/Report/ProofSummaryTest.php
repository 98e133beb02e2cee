<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Render\Html;
use NorthBough\Core\Report\Research\ProofSummary;
use NorthBough\Core\Report\Research\ProvedQuestion;
use NorthBough\Core\Report\Research\WeighedClaim;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\TestCase;

final class ProofSummaryTest extends TestCase
{
    public function test_the_words_stand_in_their_paragraphs_and_each_claim_has_its_citation(): void
    {
        $html = (new Html)->body(self::built(new ProofSummary));

        self::assertSame(1, substr_count($html, 'Who was the father of Moll Stair?'), 'The question is the title, and not said twice.');
        self::assertStringContainsString("<p>One thing.</p>\n<p>Another.</p>\n<p>Concluded: Adam.</p>", $html);
        self::assertMatchesRegularExpression('/<td>son of Adam<\/td><td>original, primary<\/td><td>strong<\/td>/', $html);
        self::assertStringContainsString('<p><span class="faint">1. </span>Register of St Osmund</p>', $html);
        self::assertSame('Proof summary, printed today', self::built(new ProofSummary)->footer);
    }

    public function test_in_print_whatever_was_written_stands_as_words(): void
    {
        $html = self::page(new ProvedQuestion('When was “Ewan” born?', "When was “Ewan” born?\n\n<script>alert(1)</script>\nA & B",
            [new WeighedClaim('3 May <b>1818</b>', '"quoted"', 'original', 'strong', [StyledWords::italic('A <i>title</i>')])]));
        self::assertStringNotContainsString('<script>alert', $html);
        self::assertStringNotContainsString('<b>1818', $html);
        self::assertStringContainsString('&lt;script&gt;alert(1)&lt;/script&gt;', $html);
        self::assertStringContainsString('A &amp; B', $html);
        self::assertStringContainsString('A &lt;i&gt;title&lt;/i&gt;', $html);
        self::assertSame(1, substr_count($html, '<h1>'), 'the question is said once');
    }

    public function test_without_claims_there_is_no_table(): void
    {
        $html = self::page(new ProvedQuestion('Who?', 'Who?', []));
        self::assertStringNotContainsString('<table', $html);
        self::assertStringNotContainsString('Citations', $html);
        self::assertStringNotContainsString('<table', (new Html)->body(self::built(new ProofSummary(claims: false))));
    }

    private static function page(ProvedQuestion $question): string
    {
        return Html::page((new ProofSummary)->build(new TestMaterial((new Isles)->tree(), questions: ['q' => $question]),
            Subject::question('q'), '27 November 2026'), '');
    }

    private static function built(ProofSummary $report): Document
    {
        $question = new ProvedQuestion('Who was the father of Moll Stair?',
            "Who was the father of Moll Stair?\n\nOne thing.\nAnother.\n\n\nConcluded: Adam.",
            [new WeighedClaim('Adam', 'son of Adam', 'original, primary', 'strong', [StyledWords::plain('Register of St Osmund')])]);

        return $report->build(new TestMaterial((new Isles)->tree(), questions: ['q' => $question]), Subject::question('q'), 'today');
    }
}
