<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Part;

/**
 * What is done to all pieces of a series before the next is done to any: cut, tied, closed, secured, trimmed, or left
 * alone, in this order.
 *
 * @internal
 */
enum Operation: string
{
    case Cut = 'cut';
    case Tie = 'tie';
    case Close = 'close';
    case Secure = 'secure';
    case Trim = 'trim';
    case Wait = 'wait';

    /**
     * Returns the one to which an act belongs; null of what goes with the one before it.
     */
    public static function of(Act $act): ?self
    {
        return match (true) {
            ActKind::Wait === $act->does => self::Wait,
            ActKind::Trim === $act->does, ActKind::Fray === $act->does => self::Trim,
            ActKind::Secure === $act->does => self::Secure,
            ActKind::Compare === $act->does, ActKind::Try === $act->does => null,
            Part::Cords === $act->part => self::Cut,
            Part::Mount === $act->part, Part::Body === $act->part, Part::Bend === $act->part => self::Tie,
            default => self::Close,
        };
    }
}
