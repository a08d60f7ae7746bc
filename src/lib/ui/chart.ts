// ECharts, only the parts in use. Loaded when a chart is shown, never on Cook.
import { LineChart, type LineSeriesOption } from 'echarts/charts';
import {
  AriaComponent,
  GridComponent,
  MarkLineComponent,
  type GridComponentOption,
  type MarkLineComponentOption,
} from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

echarts.use([LineChart, GridComponent, MarkLineComponent, AriaComponent, SVGRenderer]);
export type ChartOption = echarts.ComposeOption<LineSeriesOption | GridComponentOption | MarkLineComponentOption>;

/**
 * Puts a chart into an element and keeps it at the element's size.
 * @param onpoint called with the place on the x axis next to where it was pressed
 */
export function mount(node: HTMLElement, onpoint?: (x: number) => void) {
  const chart = echarts.init(node, null, { renderer: 'svg' });
  chart.getZr().on('click', ({ offsetX, offsetY }) => {
    if (!onpoint || !chart.containPixel('grid', [offsetX, offsetY])) return;
    const [x] = chart.convertFromPixel('grid', [offsetX, offsetY]);
    onpoint(Math.round(x));
  });
  const observer = new ResizeObserver(() => chart.resize());
  observer.observe(node);
  return {
    setOption: (option: ChartOption) => chart.setOption(option, { notMerge: true }),
    dispose: () => {
      observer.disconnect();
      chart.dispose();
    },
  };
}
export type Chart = ReturnType<typeof mount>;
