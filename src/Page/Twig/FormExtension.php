<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Random\Randomizer;
use Rinkel\App\Platform\Http\Once;
use Rinkel\App\Settings\Light;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * What every page and form needs: the light that was chosen, and by what a form is known when it is sent again.
 */
final class FormExtension extends AbstractExtension
{
    public function __construct(
        private readonly Randomizer $chance,
        private readonly Light $light,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('once', $this->once(...), ['is_safe' => ['html']]),
            new TwigFunction('light', $this->light->chosen(...)),
        ];
    }

    private function once(): string
    {
        return '<input type="hidden" name="'.Once::FIELD.'" value="'.bin2hex($this->chance->getBytes(12)).'">';
    }
}
