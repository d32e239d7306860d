<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Document\PieceText;
use Rinkel\App\Document\StepsDocument;
use Rinkel\App\Platform\Wording\Notation;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Svg\PieceDrawing;

/**
 * All that one piece needs beside the board: what to cut and take out, the piece at true size, and every step with a
 * box to tick and the length it comes to.
 */
final readonly class WorkSheet
{
    /** A longer text makes a code that no phone reads from paper, in bytes. */
    private const CODED = 900;

    public function __construct(
        private Words $words,
        private StepsDocument $steps,
        private Notation $notation,
        private PieceText $text,
        private PieceWriter $writer,
    ) {}

    public function pdf(Plan $plan, string $whom, Pace $pace = new Pace()): string
    {
        $draft = $plan->draft;
        $unit = $draft->piece->unit;
        $page = $this->words->page($draft->piece->name);
        $page->title($draft->piece->name, $this->fit($plan, $whom));
        $page->heading($this->words->of('piece.cords'));
        foreach ($plan->cuts as $cut) {
            $page->tick(
                $this->cut($cut, $unit, $draft->isHalved()),
                $cut->count.' × '.$this->words->toCut($cut->length, $unit),
                colour: $cut->cord->colour,
            );
        }
        $this->words->takeOut($page, Need::of([[$plan, 1]]));
        $page->heading($this->words->of('paper.true-size'));
        $page->strips(
            (new PieceDrawing($plan, 'paper'))->trueSize($draft->piece->name),
            fn (int $i, int $of): string => $this->words->of('paper.strip', ['strip' => $i, 'of' => $of]),
        );
        $page->heading($this->words->of('paper.pattern'));
        $page->text9($this->notation->pattern($draft->piece));
        $page->heading($this->words->of('paper.steps'));
        foreach ($this->steps->lines($plan, $pace) as [$number, $said, $due, $look]) {
            $page->tick($number.'. '.$said, '' === $due ? '' : '→ '.$due, $look);
        }
        $this->remarks($page, $plan);
        $text = $this->text->write($draft->piece->decided());
        if (\strlen($text) <= self::CODED) {
            $page->code($text, $this->words->of('paper.code'));
        }

        $page->attach($this->writer->write($draft->piece->decided()));

        return $page->pdf();
    }

    private function fit(Plan $plan, string $whom): string
    {
        $draft = $plan->draft;
        $unit = $draft->piece->unit;
        $values = [
            'whom' => $whom,
            'place' => $this->words->of('place.'.$draft->piece->wearer->place->value),
            'girth' => $this->words->length($draft->piece->wearer->girth, $unit),
            'closed' => $this->words->length($draft->closed(), $unit),
            'open' => $this->words->length($draft->open(), $unit),
            'opens' => $draft->closed()->equals($draft->open()) ? 'no' : 'yes',
            'body' => $this->words->length($draft->body(), $unit),
        ];

        return $this->words->of('paper.fit', ['for' => '' === $whom ? 'no' : 'yes'] + $values);
    }

    private function cut(Cut $cut, Unit $unit, bool $isHalved): string
    {
        return $this->words->wording->role($cut->role).', '.$this->words->wording->material($cut->cord, $unit).'; '
            .$this->words->wording->foldOf($cut, $unit, $isHalved);
    }

    /**
     * Writes what to look out for, cautions always with it.
     */
    private function remarks(Page $page, Plan $plan): void
    {
        $told = array_filter($plan->checks, static fn ($check): bool => \in_array(
            $check->severity,
            [Severity::Stop, Severity::Warn, Severity::Caution],
            true,
        ));
        if ([] !== $told) {
            $page->heading($this->words->of('paper.remarks'));
        }
        foreach ($told as $check) {
            $page->text9($this->words->of('severity.'.$check->severity->value).': '
                .$this->words->wording->check($check, $plan->draft->piece->unit));
        }
    }
}
