<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\Buttoned;
use Rinkel\Core\Closure\Closing\AtEnd;
use Rinkel\Core\Closure\Closing\Loop;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * The core laid back into a loop, bound by an overhand; the working cords are tied over it. It lets through what is at
 * the other end: a button, or a clasp or hook as wide as it is; for ties it is as large as fingers make it.
 *
 * @internal
 */
final readonly class CordLoop extends Bare
{
    /** A clasp or hook goes in with this much room, all around in mm (judgement). */
    private const ROOM = 4.0;

    /** A loop to tie through, inside, in mm: as two finger tips make it (judgement). */
    private const FINGERS = 24.0;

    /**
     * @param Length   $needed opening inside that lets the other end through
     * @param int      $loops  behind each other, each a further size for a button
     * @param TiedKnot $first  the knot between the body and the loop
     * @param bool     $laysIn whether soft working ends are laid into that
     */
    private function __construct(
        private Length $needed,
        private ?Length $flat,
        private Cord $cord,
        private TiedKnot $knot,
        private ?string $button,
        private int $loops,
        private TiedKnot $first,
        private bool $laysIn,
    ) {}

    /**
     * @param bool $isFolded whether its cords are folded there
     */
    public static function on(Site $site, EndForm $other, bool $isFolded): self
    {
        $laysIn = $site->footing->hasSoftEnds && !$isFolded && $site->ends->count > 1;
        $knot = $site->stop();

        return new self(
            self::needed($site, $other),
            EndForm::Ties === $other ? null : $site->wish->reach->tail,
            $site->ends->cord,
            $knot,
            EndForm::Button === $other ? Buttoned::on($site)->name : null,
            EndForm::Button === $other ? $site->wish->loop->loops : 1,
            $laysIn ? $site->book->in(new Overhand(), $site->ends->cord, $site->footing->together) : $knot,
            $laysIn,
        );
    }

    /**
     * Returns the opening inside that lets $other through.
     */
    public static function needed(Site $site, EndForm $other): Length
    {
        $widths = array_map(static fn (array $named): Length => $named[1]->width, $site->findings());

        return match ($other) {
            EndForm::Button => Buttoned::on($site)->opening($site->ends->cord),
            EndForm::Findings => (
                [] === $widths ? Finding::usual(FindingKind::Clasp)->width : $widths[\count($widths) - 1]
            )
                ->times(2)->plus(Length::ofMillimetres(self::ROOM)),
            default => Length::ofMillimetres(self::FINGERS),
        };
    }

    public function reach(): Length
    {
        return $this->inside()->times(0.5)->plus($this->first->pitch);
    }

    public function atEnd(): AtEnd
    {
        $middle = $this->inside()->plus($this->cord->thickness->times(\M_PI));

        return new Loop($this->inside(), $middle, $this->loops, $this->button, $this->laysIn);
    }

    public function checks(): array
    {
        return $this->inside()
            ->isShorterThan($this->needed->times(0.98)) ? [new Check('loop-too-small', Severity::Stop, [
                'loop' => $this->inside()->written(Unit::Millimetre),
                'needed' => $this->needed->written(Unit::Millimetre),
                'flat' => $this->needed->times(0.5)->written(Unit::Millimetre),
            ])] : [];
    }

    public function step(): Step
    {
        return new Step('end-loop', [
            'opening' => $this->inside()->written(Unit::Millimetre),
            'flat' => $this->inside()->times(0.5)->written(Unit::Millimetre),
            'bound' => $this->first->pitch->written(Unit::Millimetre),
        ]);
    }

    public function further(): Length
    {
        return $this->flat()->plus($this->knot->pitch)->times($this->loops - 1);
    }

    private function inside(): Length
    {
        return $this->flat?->times(2) ?? $this->needed;
    }

    public function flat(): Length
    {
        return $this->inside()->times(0.5);
    }
}
