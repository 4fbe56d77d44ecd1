@extends('paper.sheet')
@section('style')
@page { margin: 12mm 9mm; }
body { line-height: 1.1; }
table { table-layout: fixed; }
td { height: 17.4mm; padding: 1.4mm 0; border: 0.1mm dashed #b9b0a3; vertical-align: middle; }
td.code { width: 17.4mm; padding-left: 1.4mm; border-right: 0; }
td.said { width: 28mm; padding-left: 1mm; padding-right: 1.2mm; border-left: 0; }
.code img { width: 16mm; height: 16mm; }
.tag { font-size: 12pt; font-weight: bold; white-space: nowrap; }
.tag.long { font-size: 6.5pt; white-space: normal; }
.model { margin-top: 0.8mm; max-height: 9.5mm; overflow: hidden; font-size: 6.2pt; }
@endsection
@section('sheet')
@foreach ($sheets as $sheet)
<table @if (!$loop->last) style="page-break-after: always" @endif>
@foreach ($sheet as $row)
<tr>
@foreach ($row as $label)
@if ($label === null)
<td class="code"></td><td class="said"></td>
@else
<td class="code"><img src="{{ $label['code'] }}" alt=""></td>
<td class="said"><div class="tag @if (mb_strlen($label['tag']) > 9) long @endif">{{ $label['tag'] }}</div><div class="model">{{ $label['model'] }}</div></td>
@endif
@endforeach
@for ($more = count($row); $more < $columns; $more++)
<td class="code"></td><td class="said"></td>
@endfor
</tr>
@endforeach
</table>
@endforeach
@endsection
