<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

/**
 * Where on the body a piece is worn.
 */
enum BodyPlace: string
{
    case Wrist = 'wrist';
    case Ankle = 'ankle';
    case Neck = 'neck';
}
