<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

/**
 * What a finished inside girth means for the wearer.
 */
enum FitZone: string
{
    case TooTight = 'too-tight';
    case Snug = 'snug';
    case Comfortable = 'comfortable';
    case Loose = 'loose';
    case TooLoose = 'too-loose';
}
