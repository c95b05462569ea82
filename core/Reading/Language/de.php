<?php

/** German words and ours for them (from memory). */
return [
    'je' => 'each', 'jeweils' => 'each', 'jedes' => 'each', 'jedem' => 'each', 'pro' => 'each', 'von' => 'of', 'und' => 'and', 'mit' => 'with', 'ohne' => 'without',
    'ein' => 'one', 'eine' => 'one', 'einen' => 'one', 'einmal' => 'one', 'zweimal' => 'two', 'dreimal' => 'three', 'mal' => 'x', 'beide' => 'both', 'beiden' => 'both',
    'alle' => 'all', 'allen' => 'all', 'alles' => 'everything', 'rest' => 'rest', 'restlichen' => 'rest', 'übrigen' => 'rest', 'auch' => 'also', 'nochmal' => 'also', 'zusätzlich' => 'also',
    'nicht' => 'not', 'kein' => 'no', 'keine' => 'no', 'keinen' => 'no', 'außer' => 'except', 'bis' => 'to', 'dasselbe' => 'same', 'gleiche' => 'same', 'gleichen' => 'same', 'größe' => 'size', 'gleich' => 'same',
    'abzug' => 'print', 'abzüge' => 'prints', 'abzügen' => 'prints', 'stück' => 'pieces', 'stk' => 'pieces', 'exemplare' => 'copies', 'exemplar' => 'copy', 'kopien' => 'copies', 'insgesamt' => 'total', 'gesamt' => 'total', 'zusammen' => 'altogether',
    'bild' => 'picture', 'bilder' => 'pictures', 'bildern' => 'pictures', 'foto' => 'photo', 'fotos' => 'photos', 'nummer' => 'number', 'nr' => 'number',
    'leinwand' => 'canvas', 'leinwände' => 'canvases', 'rand' => 'border', 'rahmen' => 'frame', 'ränder' => 'borders', 'kante' => 'edge', 'kanten' => 'edges', 'gespiegelt' => 'mirrored', 'gespiegelte' => 'mirrored', 'gespiegelten' => 'mirrored',
    'weiß' => 'white', 'weiss' => 'white', 'weißer' => 'white', 'weißem' => 'white', 'weißen' => 'white', 'schwarz' => 'black', 'schwarze' => 'black', 'schwarzem' => 'black', 'schwarzen' => 'black', 'grau' => 'grey', 'rundum' => 'all round', 'ringsum' => 'round',
    'matt' => 'matte', 'mattes' => 'matte', 'mattem' => 'matte', 'glänzend' => 'glossy', 'glanz' => 'glossy', 'glänzendes' => 'glossy', 'seidenmatt' => 'lustre', 'papier' => 'paper', 'auf' => 'on', 'breit' => 'wide', 'hoch' => 'high', 'tief' => 'deep',
    'ganz' => 'whole', 'ganze' => 'whole', 'unbeschnitten' => 'uncropped', 'randlos' => 'borderless', 'hochformat' => 'portrait', 'querformat' => 'landscape', 'dutzend' => 'dozen', 'paar' => 'pair', 'als' => 'as', 'für' => 'for', 'oder' => 'or', 'statt' => 'instead',
    'bitte' => 'please', 'danke' => 'thanks', 'wir' => 'we', 'ich' => 'i', 'möchte' => 'want', 'möchten' => 'want', 'hätte' => 'want', 'gerne' => 'please', 'der' => 'the', 'die' => 'the', 'das' => 'the', 'den' => 'the', 'dem' => 'the', 'zoll' => 'inch',
];
