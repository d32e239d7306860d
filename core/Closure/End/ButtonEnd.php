<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\Buttoned;
use Rinkel\Core\Closure\EndTake;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Step;

/**
 * A button on its shank, with the play that its maker leaves behind it and the knots hidden below it.
 */
final readonly class ButtonEnd implements End
{
    private function __construct(
        private Buttoned $button,
        private Length $knot,
    ) {}

    public static function on(Site $site): self
    {
        return new self(Buttoned::on($site, $site->finding(FindingKind::Button)), $site->stop()->use);
    }

    public function reach(): Length
    {
        return $this->button->play;
    }

    public function take(): EndTake
    {
        return EndTake::held(new Take($this->button->play, $this->knot));
    }

    public function heads(): ?Length
    {
        return $this->button->behind;
    }

    public function checks(): array
    {
        return $this->button->shank();
    }

    public function step(): Step
    {
        return new Step('end-button', [
            'button' => $this->button->finding->length->written(Unit::Millimetre),
            'play' => $this->button->play->written(Unit::Millimetre),
            'plays' => $this->button->play->isZero() ? 'no' : 'yes',
        ]);
    }

    public function findings(): array
    {
        return [$this->button->finding];
    }
}
