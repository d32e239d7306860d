<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Rinkel\App\Pairing\Pairing;
use Rinkel\App\Platform\Database\ChangeStamp;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * What pages need to follow each other on several devices.
 */
final class LiveExtension extends AbstractExtension
{
    public function __construct(
        private readonly Pairing $pairing,
        private readonly ChangeStamp $stamp,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('is_shared', $this->pairing->isShared(...)),
            new TwigFunction('stamp', $this->stamp->now(...)),
        ];
    }
}
