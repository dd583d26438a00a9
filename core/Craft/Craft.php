<?php

declare(strict_types=1);

namespace Davrin\Core\Craft;

use Davrin\Core\Colour\ColourOrder;
use Davrin\Core\Colour\Kind\Alike;
use Davrin\Core\Colour\Kind\Alternating;
use Davrin\Core\Colour\Kind\Anchored;
use Davrin\Core\Colour\Kind\ByCount;
use Davrin\Core\Colour\Kind\CountedFrom;
use Davrin\Core\Colour\Kind\EveryNth;
use Davrin\Core\Colour\Kind\InTurn;
use Davrin\Core\Colour\Kind\InTurnClosed;
use Davrin\Core\Colour\Kind\Mirrored;
use Davrin\Core\Colour\Kind\TopInTurn;
use Davrin\Core\Colour\WantedTies;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\Kind\Cross;
use Davrin\Core\Form\Kind\Hat;
use Davrin\Core\Form\Kind\Heart;
use Davrin\Core\Form\Kind\Hook;
use Davrin\Core\Form\Kind\Outline;
use Davrin\Core\Form\Kind\PreTiedRing;
use Davrin\Core\Form\Kind\Rectangle;
use Davrin\Core\Form\Kind\Star;
use Davrin\Core\Form\Kind\Stick;
use Davrin\Core\Form\Kind\Wheel;
use Davrin\Core\Form\Kind\WireLoop;
use Davrin\Core\Form\Kind\WireRing;
use Davrin\Core\Material\Kind\Cord;
use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Material\Kind\Stems;
use Davrin\Core\Material\Kind\Strands;
use Davrin\Core\Material\Kind\Tubing;
use Davrin\Core\Material\Kind\Tulle;
use Davrin\Core\Material\Kind\ZipTies;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Material\SoldByThePiece;
use Davrin\Core\Part\Bells\Bells;
use Davrin\Core\Part\CrossedCurledRuffles\CrossedCurledRuffles;
use Davrin\Core\Part\CurledRuffle\CurledRuffle;
use Davrin\Core\Part\CurledTails\CurledTails;
use Davrin\Core\Part\DiagonalBundle\DiagonalBundle;
use Davrin\Core\Part\Flowers\Flowers;
use Davrin\Core\Part\FoldedRuffle\FoldedRuffle;
use Davrin\Core\Part\GatheredBow\GatheredBow;
use Davrin\Core\Part\GatheredDrape\GatheredDrape;
use Davrin\Core\Part\Greenery\Greenery;
use Davrin\Core\Part\GuideWords;
use Davrin\Core\Part\HalfFoldBow\HalfFoldBow;
use Davrin\Core\Part\LacedBow\LacedBow;
use Davrin\Core\Part\LayeredBow\LayeredBow;
use Davrin\Core\Part\LoopedBow\LoopedBow;
use Davrin\Core\Part\Ornaments\Ornaments;
use Davrin\Core\Part\OverlappedRuffle\OverlappedRuffle;
use Davrin\Core\Part\OwnLength\OwnLength;
use Davrin\Core\Part\OwnPieces\OwnPieces;
use Davrin\Core\Part\OwnStep\OwnStep;
use Davrin\Core\Part\Pancake\Pancake;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Part\Picks\Picks;
use Davrin\Core\Part\PoofRun\PoofRun;
use Davrin\Core\Part\PulledLoops\PulledLoops;
use Davrin\Core\Part\PushedRuffles\PushedRuffles;
use Davrin\Core\Part\RibbonInBundles\RibbonInBundles;
use Davrin\Core\Part\RibbonSets\RibbonSets;
use Davrin\Core\Part\RibbonTails\RibbonTails;
use Davrin\Core\Part\RolledBundle\RolledBundle;
use Davrin\Core\Part\Ruffle\Ruffle;
use Davrin\Core\Part\SecondAcross\SecondAcross;
use Davrin\Core\Part\Sign\Sign;
use Davrin\Core\Part\SmallSigns\SmallSigns;
use Davrin\Core\Part\Starburst\Starburst;
use Davrin\Core\Part\StemBalls\StemBalls;
use Davrin\Core\Part\SteppedBow\SteppedBow;
use Davrin\Core\Part\StrandBunch\StrandBunch;
use Davrin\Core\Part\Streamers\Streamers;
use Davrin\Core\Part\StripBow\StripBow;
use Davrin\Core\Part\SwaggedLoop\SwaggedLoop;
use Davrin\Core\Part\TieBows\TieBows;
use Davrin\Core\Part\TubingBow\TubingBow;
use Davrin\Core\Part\WoundCover\WoundCover;
use Davrin\Core\Part\WovenStripe\WovenStripe;
use Davrin\Core\Part\WrappedStrips\WrappedStrips;
use Davrin\Core\Ties\Layout\AsItCame;
use Davrin\Core\Ties\Layout\CornersAndSides;
use Davrin\Core\Ties\Layout\CrossbarsAndOuterMid;
use Davrin\Core\Ties\Layout\EachCrossbar;
use Davrin\Core\Ties\Layout\EverySoFar;
use Davrin\Core\Ties\Layout\Flat;
use Davrin\Core\Ties\Layout\Free;
use Davrin\Core\Ties\Layout\InnerMidTwoOuter;
use Davrin\Core\Ties\Layout\NASection;
use Davrin\Core\Ties\Layout\Rows;
use Davrin\Core\Ties\Layout\StickSites;
use Davrin\Core\Ties\Layout\Zigzag;
use Davrin\Core\Ties\TieLayout;
use LogicException;

/**
 * Everything the craft knows of one kind, each under its key: forms, layouts of ties, kinds of part, orders of colours, materials.
 * The one place where one is registered; the first of each is the usual one.
 */
final readonly class Craft
{
    /**
     * @param  array<string, FormKind>  $forms
     * @param  array<string, TieLayout>  $layouts
     * @param  array<string, PartKind>  $parts
     * @param  array<string, ColourOrder>  $colourOrders
     * @param  array<string, MaterialKind>  $materials
     */
    private function __construct(
        public array $forms,
        public array $layouts,
        public array $parts,
        public array $colourOrders,
        public array $materials,
    ) {}

    public static function standard(): self
    {
        return (new self([], [], [], [], []))->with(
            new WireRing, new PreTiedRing, new Rectangle, new Heart, new Cross, new Star, new Hook, new Hat, new Wheel,
            new Stick, new WireLoop, new Outline,
            new InnerMidTwoOuter, new CrossbarsAndOuterMid, new Flat, new NASection, new EachCrossbar, new Zigzag,
            new CornersAndSides, new EverySoFar, new StickSites, new Rows, new AsItCame, new Free,
            new Ruffle, new FoldedRuffle, new OverlappedRuffle, new CurledRuffle, new CrossedCurledRuffles, new Pancake,
            new SecondAcross, new PoofRun,
            new RolledBundle, new DiagonalBundle, new Starburst, new PulledLoops, new PushedRuffles, new WrappedStrips,
            new GatheredDrape, new WoundCover, new StrandBunch,
            new RibbonTails, new RibbonInBundles, new RibbonSets, new Streamers,
            new CurledTails, new SwaggedLoop, new WovenStripe, new TieBows,
            new Sign, new Picks, new Flowers, new Greenery, new Ornaments, new Bells, new SmallSigns, new StemBalls,
            new OwnStep, new OwnPieces, new OwnLength,
            new LoopedBow, new LayeredBow, new SteppedBow, new HalfFoldBow, new LacedBow, new StripBow, new GatheredBow, new TubingBow,
            new Alike, new InTurn, new InTurnClosed, new Mirrored, new EveryNth(3), new EveryNth(4), new EveryNth(5),
            new EveryNth(6), new ByCount, new CountedFrom(WantedTies::Corners), new CountedFrom(WantedTies::Crossbars),
            new Anchored(WantedTies::Crossbars), new Anchored(WantedTies::Corners), new Anchored(WantedTies::Painted),
            new Alternating, new TopInTurn,
            new Mesh, new Ribbon, new Tubing, new Tulle, new Cord, new Strands,
            new Stems, new ZipTies,
            new SoldByThePiece('sign', ['sign', 'signs'], 'Wooden sign', '#b58a5a', 1, 600, true),
            new SoldByThePiece('pick', ['pick', 'picks'], 'Flower pick', '#a8455a', 1, 150, true),
            new SoldByThePiece('ball', ['ball', 'balls'], 'Foam balls', '#f1ede0', 6, 300, true),
            new SoldByThePiece('flower', ['flower', 'flowers'], 'Silk flowers', '#d9a0a8', 6, 300, true),
            new SoldByThePiece('greenery', ['bunch', 'bunches'], 'Greenery', '#5d7a4a', 1, 200, true),
            new SoldByThePiece('ornament', ['ornament', 'ornaments'], 'Ornaments', '#c9a13b', 6, 500, true),
            new SoldByThePiece('bell', ['bell', 'bells'], 'Bells', '#c9a13b', 4, 300, true),
            new SoldByThePiece('small-sign', ['small sign', 'small signs'], 'Wooden tags', '#c49a6c', 3, 300, true),
            new SoldByThePiece('wire', ['piece of wire', 'pieces of wire'], 'Floral wire, 6 in', '#5c6a4a', 50, 350),
            new SoldByThePiece('felt', ['sheet of felt', 'sheets of felt'], 'Felt', '#6a5f57', 1, 100),
            new SoldByThePiece('hanger', ['hanger', 'hangers'], 'Wire hanger', '#8d9189', 1, 50),
            new SoldByThePiece('board', ['board', 'boards'], 'Backing board', '#b79a72', 1, 300),
            new SoldByThePiece('tin', ['tin', 'tins'], 'Round tin', '#9aa3a6', 1, 300),
            new SoldByThePiece('cloth', ['cloth', 'cloths'], 'Round cloth', '#e6dfd0', 1, 200),
            new SoldByThePiece('cap', ['end cap', 'end caps'], 'End caps', '#5f5f5a', 10, 200),
            new SoldByThePiece('glue', ['glue stick', 'glue sticks'], 'Glue sticks', '#d9d2bd', 20, 400),
            new SoldByThePiece('other', ['piece', 'pieces'], 'Something else', '#8d9189', 1, 100),
        );
    }

    /**
     * The same with some kinds more.
     *
     * @throws LogicException where two have one key
     */
    public function with(FormKind|TieLayout|PartKind|ColourOrder|MaterialKind ...$kinds): self
    {
        return new self(
            self::and($this->forms, FormKind::class, $kinds),
            self::and($this->layouts, TieLayout::class, $kinds),
            self::and($this->parts, PartKind::class, $kinds),
            self::and($this->colourOrders, ColourOrder::class, $kinds),
            self::and($this->materials, MaterialKind::class, $kinds),
        );
    }

    /**
     * @template K of FormKind|TieLayout|PartKind|ColourOrder|MaterialKind
     *
     * @param  array<string, K>  $known
     * @param  class-string<K>  $type
     * @param  array<FormKind|TieLayout|PartKind|ColourOrder|MaterialKind>  $kinds  those of the type are added
     * @return array<string, K>
     */
    private static function and(array $known, string $type, array $kinds): array
    {
        foreach ($kinds as $kind) {
            if ($kind instanceof $type) {
                $known[$kind->key()] = isset($known[$kind->key()])
                    ? throw new LogicException("\"{$kind->key()}\" is registered twice.")
                    : $kind;
            }
        }

        return $known;
    }

    /**
     * Whether all that is registered fits together, told where the application boots and not where somebody needs it.
     *
     * @throws LogicException for a form whose usual layout is none, a kind of part that takes goods there are none of, or one without
     *                        words for the guide
     */
    public function mustBeWhole(): void
    {
        foreach ($this->forms as $key => $form) {
            if (! isset($this->layouts[$form->usualLayout()])) {
                throw new LogicException("The usual layout of the form \"$key\", \"{$form->usualLayout()}\", is not registered.");
            }
        }
        foreach ($this->parts as $key => $part) {
            $unknown = array_diff($part->materials()->goods ?? [], array_keys($this->materials));
            if ($unknown !== []) {
                throw new LogicException("The kind of part \"$key\" takes goods that are not registered: ".implode(', ', $unknown).'.');
            }
            GuideWords::file($part);
        }
    }
}
