<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\Buttoned;
use Rinkel\Core\Closure\Closing\AtEnd;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Step;

/**
 * A button on its shank, with the play that its maker leaves behind it and the knots hidden below it.
 *
 * @internal
 */
final readonly class ButtonEnd implements ClosureEnd
{
    /**
     * @param Length $knot between the body and the shank, where the button is on a fold
     */
    private function __construct(
        private Buttoned $button,
        private Length $knot,
    ) {}

    public static function on(Site $site, bool $isFolded): self
    {
        return new self(Buttoned::on($site), $isFolded ? $site->stop()->pitch : Length::zero());
    }

    public function reach(): Length
    {
        return $this->button->play->plus($this->knot);
    }

    public function atEnd(): AtEnd
    {
        return $this->button->atEnd();
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
        return [[$this->button->name, $this->button->finding]];
    }

    public function flat(): null
    {
        return null;
    }

    public function tail(): null
    {
        return null;
    }

    public function further(): Length
    {
        return Length::zero();
    }
}
