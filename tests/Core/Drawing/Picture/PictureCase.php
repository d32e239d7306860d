<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Tests\Core\Examples;

abstract class PictureCase extends TestCase
{
    protected static function knots(string $pattern, int $count = 1, ?RunEdges $edges = null): KnotRun
    {
        $draft = Examples::plan(['pattern' => $pattern])->draft;

        return new KnotRun(
            $draft->setting->elements[0],
            $count,
            3.0,
            0.5,
            $draft->piece->cord('working')->cord,
            'working',
            new Around(half: 1.0, cores: 2),
            $edges ?? new RunEdges(),
        );
    }
}
