<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Tool;

/**
 * What is alike in all closures that slide: tails laid past each other, and a trial of how it glides.
 *
 * @internal
 */
final class SlideTrial
{
    /**
     * @param list<End> $running both sides' tails
     * @param Length    $gap     between the body's ends when it is shut
     */
    public static function crossed(array $running, Outlet $start, Outlet $finish, Length $gap): Act
    {
        $distance = $gap->plus($start->bare)->plus($finish->bare);

        return new Act(
            ActKind::Pass,
            Part::Slider,
            new Message('cross-tails', ['gap' => $distance, 'start' => $start->edge, 'finish' => $finish->edge]),
            grip: new Grip(through: $running),
            spot: new Spot(marks: [$start->edge, $finish->edge], sizes: ['distance' => $distance]),
            advice: new Advice(tools: [Tool::Clip], lesson: 'slider'),
        );
    }

    public static function opens(Bench $bench, Landmark $slider, Part $part = Part::Trial): Act
    {
        return new Act(
            ActKind::Try,
            $part,
            new Message('try-slider', ['opens' => $bench->opens]),
            spot: new Spot(marks: [$slider], sizes: ['opens' => $bench->opens]),
            advice: new Advice(looks: [new Message('look-glides')]),
        );
    }
}
