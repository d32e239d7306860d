<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;

/**
 * One bead between its knots: when they hold it, both ends are drawn straight and made equal, before anything slides on
 * them.
 *
 * @internal
 */
final class FocalWay extends CordWay
{
    protected function body(): void
    {
        parent::body();
        foreach ($this->draft->setting->elements as $element) {
            if (ElementKind::Focal === $element->kind) {
                $this->bench->write('body', [new Act(
                    ActKind::Level,
                    Part::Body,
                    new Message('even-ends', ['bead' => (string) $element->name]),
                    grip: new Grip(role: 'cord'),
                    spot: new Spot(marks: [Landmark::of('last-knot')]),
                    advice: new Advice(looks: [new Message('look-hardly')]),
                )]);

                return;
            }
        }
    }
}
