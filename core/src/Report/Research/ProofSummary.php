<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Report;

/** A proof summary for print: the words that were written, the claims in a table, and every citation in full. */
final readonly class ProofSummary implements Report
{
    public function __construct(
        #[Option('Claims', 'With the table of claims, and what each rests on')] public bool $claims = true,
    ) {
    }

    public static function code(): string
    {
        return 'proof';
    }

    public static function title(): string
    {
        return 'Proof summary';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Question;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $question = $material->question($subject->id());
        $blocks = [new Heading(1, [StyledWords::plain($question->sentence)])];
        foreach (array_filter(preg_split('/\n{2,}/', trim($question->text)) ?: []) as $paragraph) {
            foreach ($paragraph === $question->sentence ? [] : explode("\n", $paragraph) as $line) {
                $blocks[] = new Paragraph([StyledWords::plain($line)]);
            }
        }
        if ($this->claims && $question->claims !== []) {
            array_push($blocks, ...self::claims($question->claims));
        }

        return new Document($question->sentence, "Proof summary, printed {$day}", $blocks);
    }

    /**
     * @param  non-empty-list<WeighedClaim>  $claims
     * @return list<Heading|Paragraph|Table>
     */
    private static function claims(array $claims): array
    {
        $blocks = [new Table('Claims', ['', 'Told', 'Words', 'Classed', 'Weight'],
            array_map(static fn (WeighedClaim $claim, int $at): array => [
                [StyledWords::faint((string) ($at + 1))], [StyledWords::plain($claim->told)], [StyledWords::plain($claim->words)],
                [StyledWords::plain($claim->classes)], [StyledWords::plain($claim->weight)],
            ], $claims, array_keys($claims))), new Heading(2, [StyledWords::plain('Citations')])];
        foreach ($claims as $at => $claim) {
            $blocks[] = new Paragraph([StyledWords::faint(($at + 1).'. '), ...$claim->note]);
        }

        return $blocks;
    }
}
