<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Half;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Pattern\Node\Mirror;

/**
 * A band of knots around cores: from one end to the other, from the middle outwards, or each half from what it hangs
 * on.
 */
readonly class BandWay extends Way
{
    protected function opening(array $closure): array
    {
        return match (true) {
            $this->plan->draft->isHalved() => $this->hung(),
            $this->isOutwards() => [
                Step::plain(Deed::Fix, 'fix-middle', [], [Tool::Board, Tool::Tape], 'core'),
                ...$this->begun('begin-middle'),
            ],
            default => [
                ...(CordRun::Folded === $this->plan->draft->piece->cord('core')->run
                    ? [Step::plain(Deed::Fix, 'fold-core', [], [], 'core')]
                    : []),
                ...$closure,
                Step::plain(
                    Deed::Fix,
                    'fix-core',
                    ['count' => $this->plan->draft->piece->cord('core')->count],
                    [Tool::Board, Tool::Tape],
                    'core',
                ),
                ...$this->begun('begin'),
            ],
        };
    }

    /**
     * What begins in its middle is marked there.
     */
    protected function marks(): array
    {
        return !$this->isOutwards() || $this->plan->draft->isHalved() ? parent::marks() : array_map(
            fn (Cut $cut): Step => $this->mark('mark-middle', $cut, $cut->length->times(0.5)),
            array_values(array_filter($this->plan->cuts, static fn (Cut $cut): bool => 'slider' !== $cut->role)),
        );
    }

    protected function halves(): array
    {
        $setting = $this->plan->draft->setting;
        if (!$this->plan->draft->isHalved() && !$this->isOutwards()) {
            return parent::halves();
        }
        $middle = array_search(ElementKind::Focal, array_column($setting->elements, 'kind'), true);

        return false === $middle
            ? Half::around($setting, intdiv(\count($setting->elements), 2), 0)
            : Half::around($setting, $middle, 1);
    }

    protected function body(): array
    {
        $middle = $this->middle();

        return null === $middle ? parent::body() : [$middle, ...parent::body()];
    }

    /**
     * Returns the names of its working pairs, as they take turns.
     *
     * @return list<string>
     */
    protected function pairs(): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->plan->draft->piece->cords)),
            static fn (string $role): bool => !\in_array($role, ['core', 'slider'], true),
        ));
    }

    /**
     * Returns how each working cord is laid under the core, at its middle or its fold, or two apart are bound on.
     *
     * @return list<Step>
     */
    protected function begun(string $how): array
    {
        return array_map(fn (string $pair): Step => Step::plain(
            Deed::Fix,
            CordRun::Apart === $this->plan->draft->piece->cord($pair)->run ? 'begin-apart' : $how,
            ['role' => $pair],
            role: $pair,
        ), $this->pairs());
    }

    /**
     * Returns cords folded and hung by a lark's head on what the halves hang on.
     *
     * @return list<Step>
     */
    private function hung(): array
    {
        $cuts = array_column($this->plan->cuts, 'count', 'role');

        return array_map(static fn (string $role): Step => Step::plain(
            Deed::Fix,
            'core' === $role ? 'hang-core' : 'hang-working',
            ['count' => $cuts[$role] ?? 1, 'role' => $role],
            role: $role,
            count: $cuts[$role] ?? 1,
        ), ['core', ...$this->pairs()]);
    }

    private function isOutwards(): bool
    {
        foreach ($this->plan->draft->piece->pattern->tree->parts as $part) {
            if ($part instanceof Mirror && $part->outwards) {
                return true;
            }
        }

        return false;
    }

    /**
     * Returns the bead in the middle of what is made outwards, which goes on first.
     */
    private function middle(): ?Step
    {
        $setting = $this->plan->draft->setting;
        $middle = array_search(ElementKind::Focal, array_column($setting->elements, 'kind'), true);
        $focal = false === $middle ? null : $setting->elements[$middle];

        return $focal instanceof Element && $this->isOutwards() && !$this->plan->draft->isHalved()
            ? $this->focal($focal, $setting->starts()[$middle])
            : null;
    }
}
